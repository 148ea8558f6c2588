import { useEffect } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useKeys } from '../../app/keys';
import { useCard } from '../../app/useCard';
import { useReckoning } from '../../app/useReckoning';
import { useWorking } from '../../app/useWorking';
import { useUnits } from '../../app/workroom';
import { StepPicture } from '../../drawing/StepPicture';
import { ChangedSinceCut } from '../../parts/cut/SinceCut';
import { HalfWay } from '../../parts/HalfWay';
import { Measure } from '../../parts/Measure';
import { isSetAt, SetOnCard } from '../../parts/SetOnCard';
import { StepTable } from '../../parts/StepTable';
import { progressAt, saysOfNext } from '../../app/steps';
import { StepChecks, StepFacts } from '../Working/StepChecks';
import { StopByStop } from './StopByStop';
import { useAwake } from './useAwake';

/** One step at a time, readable from a metre: space bar, arrows or a tap for the next. */
export function Machine() {
  const { id = '' } = useParams();
  const working = useWorking(id);
  const navigate = useNavigate();
  const units = useUnits();
  const row = working.row;
  const path = `workings/${id}/reckon`;
  const { answer } = useReckoning(row ? path : null, working.ask, units, 'steps,drawings', working.restsOn);
  const card = useCard(working, row?.technique ?? null, units, answer).answer;
  const steps = answer?.steps;
  const isAwake = useAwake();
  const at = Math.min(working.progress.at ?? 0, Math.max(0, (steps?.length ?? 1) - 1));
  const step = steps?.[at];
  const isDone = steps ? (working.progress.at ?? 0) >= steps.length : false;

  const go = (place: number) => {
    if (!steps || place < 0) return;
    working.change({ progress: progressAt(working.progress, steps, place) });
  };
  const next = () => {
    if (!step) return;
    if (isDone) void navigate(`/parts/${id}/keep`);
    else go(at + 1);
  };
  // From stop to stop the same keys go on within the step.
  const hasStops = !isDone && Boolean(step?.stops.length);
  useKeys(
    hasStops
      ? []
      : [
          { keys: [' ', 'ArrowRight', 'PageDown'], shown: 'space', says: 'the next step', run: next },
          {
            keys: ['ArrowLeft', 'PageUp'],
            shown: '←',
            says: 'the step before',
            run: () => go(isDone ? steps!.length - 1 : at - 1),
          },
        ],
  );
  useEffect(() => {
    document.title = step ? `${step.title} · Zephyr Reach` : 'Zephyr Reach';
  }, [step]);

  if (!row || !steps || !step) {
    return (
      <main className="grid min-h-dvh place-items-center p-8 text-center">
        <p className="text-xl">
          {row ? 'A measurement is missing in the plan.' : 'Opening…'}{' '}
          <Link to={`/parts/${id}`}>Back to the part</Link>
        </p>
      </main>
    );
  }
  const head = (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <Link className="btn quiet" to={`/parts/${id}/sew`}>
        Close
      </Link>
      <p className="min-w-0 flex-1 truncate font-semibold">{working.name}</p>
      <Link className="btn quiet" to={`/faults?part=${id}&from=machine`}>
        Something wrong?
      </Link>
      <p className="text-soft max-sm:hidden">{isAwake ? 'screen stays on' : ''}</p>
      <Beads count={steps.length} at={isDone ? steps.length : at} />
    </header>
  );
  if (hasStops)
    return (
      <main className="grid min-h-dvh grid-rows-[auto_1fr_auto] gap-4 p-4 sm:p-8">
        {head}
        <StopByStop
          step={step}
          drawings={answer?.drawings}
          cloth={working.cloth}
          progress={working.progress}
          keep={(progress, isCount) => working.change({ progress }, isCount ? 'pause' : undefined)}
          done={next}
          before={() => go(at - 1)}
        />
      </main>
    );
  return (
    <main className="grid min-h-dvh grid-rows-[auto_1fr_auto] gap-4 p-4 sm:p-8">
      {head}
      {isDone ? (
        <section className="grid content-center gap-6">
          <h1 className="text-[clamp(2.4rem,9vw,5rem)]">Finished!</h1>
          <p className="max-w-[34em] text-[clamp(1.15rem,2.6vw,1.7rem)] leading-snug">
            Write down what came out while it lies before you: next time begins there.
          </p>
        </section>
      ) : (
        <section
          className="grid content-center items-center gap-x-10 gap-y-[2.2vh] lg:grid-cols-[minmax(0,11fr)_minmax(0,9fr)]"
          aria-live="polite"
        >
          <div className="grid gap-[2.2vh]">
            <ChangedSinceCut working={working} units={units} />
            <p className="text-xl text-soft">
              Step {at + 1} of {steps.length}
            </p>
            <h1 className="text-[clamp(2.1rem,5.6vw,4.2rem)]">{step.title}</h1>
            <p className="fig text-[clamp(2rem,5.2vw,3.9rem)] [overflow-wrap:anywhere]">
              <Measure text={step.big} />
            </p>
            <p className="max-w-[34em] text-[clamp(1.15rem,2.2vw,1.6rem)] leading-snug">
              <Measure text={step.says} />
            </p>
            <StepTable step={step} big />
            <StepFacts step={step} card={card} big />
            {isSetAt(step, steps) && <SetOnCard card={card} />}
            {step.caution && <p className="care max-w-[44em] text-[1.05rem]">{step.caution.says}</p>}
            {step.schools.length > 0 && (
              <p className="max-w-[44em] text-[1.05rem] text-soft">
                {step.schools.map((s) => `${s.name}: ${s.follows}`).join(' ')}
              </p>
            )}
            <StepChecks
              step={step}
              progress={working.progress}
              tick={(progress) => working.change({ progress })}
              big
            />
            {step.measure && (
              <HalfWay key={step.key} measure={step.measure} working={working} units={units} />
            )}
          </div>
          <div className="order-first lg:order-none">
            <StepPicture
              step={step}
              drawings={answer?.drawings}
              cloth={working.cloth}
              units={units}
              maxHeight={380}
            />
          </div>
        </section>
      )}
      <footer className="sticky bottom-0 -mx-4 grid grid-cols-[1fr_2fr] gap-3 bg-ground px-4 py-2">
        <button
          type="button"
          className="btn quiet min-h-16 text-xl"
          onClick={() => go(isDone ? steps.length - 1 : at - 1)}
          disabled={at === 0 && !isDone}
        >
          Previous
        </button>
        {isDone ? (
          <Link className="btn min-h-16 text-center text-xl" to={`/parts/${id}/keep`}>
            Note how it turned out
          </Link>
        ) : (
          <button type="button" className="btn min-h-16 text-xl" onClick={next}>
            {saysOfNext(working.progress, steps, at)}
          </button>
        )}
      </footer>
    </main>
  );
}

function Beads({ count, at }: { count: number; at: number }) {
  return (
    <div className="flex w-full items-center gap-1 sm:w-auto" aria-hidden>
      {Array.from({ length: count }, (_, i) => (
        <span
          key={i}
          className={`h-2.5 flex-1 rounded-full sm:w-6 ${i < at ? 'bg-slate' : i === at ? 'bg-tacking' : 'bg-rule'}`}
        />
      ))}
    </div>
  );
}
