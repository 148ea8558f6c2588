import { useState } from 'react';
import { Link } from 'react-router';
import type { Plan } from '../../api/types';
import { useCard } from '../../app/useCard';
import { progressAt, saysOfNext } from '../../app/steps';
import { Measure } from '../../parts/Measure';
import { isSetAt, SetOnCard } from '../../parts/SetOnCard';
import { StepPicture } from '../../drawing/StepPicture';
import { GuidePaper } from '../../parts/GuidePaper';
import { ChangedSinceCut } from '../../parts/cut/SinceCut';
import { WorkSheet } from '../../parts/cut/WorkSheet';
import { HalfWay } from '../../parts/HalfWay';
import { StopList } from '../../parts/StopList';
import { leavesOf } from '../../techniques/leaves';
import { CautionsAt } from './CautionsAt';
import type { StageProps } from './stage';
import { StepTable } from '../../parts/StepTable';
import { StepChecks, StepFacts } from './StepChecks';

/** Sew: the steps in their order with their checks; the step that is reached is open. */
export function Sew({ working, technique, reckoning, units }: StageProps) {
  const card = useCard(working, technique.name, units, reckoning.answer).answer;
  const [{ sheet: Sheet }] = useState(() => leavesOf(technique.name));
  const steps = reckoning.answer?.steps;
  if (!steps) {
    return (
      <p className="sheet">
        The steps come with the plan: <Link to={`/parts/${working.id}/plan`}>a measurement is missing.</Link>
      </p>
    );
  }
  const at = Math.min(working.progress.at ?? 0, steps.length);
  const go = (place: number) => working.change({ progress: progressAt(working.progress, steps, place) });
  return (
    <>
      <div className="no-print grid gap-6 lg:grid-cols-[minmax(0,1fr)_300px]">
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
          <ChangedSinceCut working={working} units={units} />
          <ol className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2">
            {steps.map((step, i) => (
              <li key={step.key} className="sheet !py-1">
                <details open={i === at || undefined} name="step">
                  <summary className="flex min-h-11 items-center gap-3">
                    <span className={`fig w-7 text-right text-lg ${i < at ? 'text-moss' : ''}`}>
                      {i < at ? '✓' : i + 1}
                    </span>
                    <b className={i === at ? 'text-lg' : ''}>{step.title}</b>
                    <span className="ml-auto hidden text-soft sm:inline">
                      <Measure text={step.big} />
                    </span>
                  </summary>
                  <div className="grid gap-3 pb-3 sm:pl-10">
                    <p>
                      <Measure text={step.says} />
                    </p>
                    <StepPicture
                      step={step}
                      drawings={reckoning.answer?.drawings}
                      cloth={working.cloth}
                      units={units}
                    />
                    <StepTable step={step} />
                    <StepFacts step={step} card={card} />
                    {step.stops.length > 0 && (
                      <details>
                        <summary className="min-h-11 content-center">
                          All pivot points: {step.stops.filter((s) => s.turn).length}
                        </summary>
                        <StopList step={step} />
                      </details>
                    )}
                    {isSetAt(step, steps) && <SetOnCard card={card} />}
                    {step.schools.length > 0 && (
                      <ul className="grid gap-1">
                        {step.schools.map((school) => (
                          <li key={school.name} className="noted">
                            <b className="text-ink">{school.name}:</b> {school.follows}
                          </li>
                        ))}
                      </ul>
                    )}
                    <StepChecks
                      step={step}
                      progress={working.progress}
                      tick={(progress) => working.change({ progress })}
                    />
                    {step.measure && <HalfWay measure={step.measure} working={working} units={units} />}
                    {step.caution && <p className="care">{step.caution.says}</p>}
                    <button type="button" className="btn quiet justify-self-start" onClick={() => go(i + 1)}>
                      Mark as done
                    </button>
                  </div>
                </details>
              </li>
            ))}
          </ol>
        </div>
        <aside className="contents min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:sticky lg:top-4 lg:grid lg:self-start">
          <section className="tacked order-first lg:order-none">
            <h2 className="text-soft">Up next</h2>
            <p className="fig mb-1 text-[1.9rem]">
              {at < steps.length ? steps[at]!.title : 'All steps are done'}
            </p>
            <p className="mb-4 text-soft">
              step {Math.min(at + 1, steps.length)} of {steps.length}
            </p>
            <div className="flex flex-wrap gap-2">
              {at < steps.length ? (
                <Link className="btn" to={`/parts/${working.id}/machine`}>
                  Open step-by-step view
                </Link>
              ) : (
                <Link className="btn" to={`/parts/${working.id}/keep`}>
                  Save and finish
                </Link>
              )}
              {at > 0 && (
                <button type="button" className="btn quiet" onClick={() => go(0)}>
                  Start again
                </button>
              )}
            </div>
          </section>
          <Link className="btn quiet justify-self-start" to={`/faults?part=${working.id}&from=sew`}>
            Something wrong?
          </Link>
          <button type="button" className="btn quiet justify-self-start" onClick={() => print()}>
            Print cutting and sewing sheet
          </button>
          {technique.hasGuide && working.row && (
            <GuidePaper
              working={working.id}
              version={working.row.version}
              units={units}
              hasLines={technique.hasLines}
            />
          )}
          <CautionsAt stage="sew" answer={reckoning.answer} />
        </aside>
      </div>
      {at < steps.length && (
        <div className="step-bar no-print">
          <button type="button" className="btn quiet" disabled={at === 0} onClick={() => go(at - 1)}>
            Previous
          </button>
          <button type="button" className="btn" onClick={() => go(at + 1)}>
            {saysOfNext(working.progress, steps, at)}
          </button>
        </div>
      )}
      <WorkSheet answer={reckoning.answer as Plan} working={working} technique={technique} units={units}>
        {Sheet && <Sheet answer={reckoning.answer!} ask={working.ask} />}
      </WorkSheet>
    </>
  );
}
