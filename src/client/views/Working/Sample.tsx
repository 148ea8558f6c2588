import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useChoose } from '../../parts/ask/FromDrawer';
import { newId } from '../../api/id';
import type { Fact, Plan } from '../../api/types';
import { useCard } from '../../app/useCard';
import { Measure } from '../../parts/Measure';
import { setOf } from '../../parts/swatch/set';
import {
  chosenFeatures,
  knobsFor,
  plannedFeatures,
  threeOf,
  type Features,
} from '../../parts/swatch/features';
import { Narrowed } from '../../parts/swatch/Narrowed';
import { NextSwatch } from '../../parts/swatch/NextSwatch';
import { Plot } from '../../parts/swatch/Plot';
import { LikelyRange } from '../../parts/swatch/LikelyRange';
import { SwatchCard } from '../../parts/swatch/SwatchCard';
import { usePhotographs } from '../../parts/swatch/usePhotographs';
import { usePlot } from '../../parts/swatch/usePlot';
import { useSwatches } from '../../parts/swatch/useSwatches';
import { after, type StageProps } from './stage';

/** Sample: what scrap to cut and mark, what it became, how it looks, what it says of the next, and the one change to try. */
export function Sample({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Plan | null;
  const { swatches, add, simulate, change, remove } = useSwatches(working.id, units);
  const [fresh, setFresh] = useState<string | null>(null);
  const [x, setX] = useState<string>();
  const { learns, teaches } = technique.swatch;
  const knobs = knobsFor(technique, working.ask);
  const chosen = chosenFeatures(technique, working.ask);
  const keepsFoot = technique.uses.includes('foot');
  const learnt = usePlot(learns ? working : null, x).data?.learnt;
  const photographs = usePhotographs(working.id);
  const choose = useChoose(working, technique.fields);
  const card = useCard(working, technique.name, units, reckoning.answer).answer;
  if (!swatches) return <p className="text-soft">Opening…</p>;
  const settings = setOf(card, technique, working.ask, knobs);
  const foot = working.uses.foot ?? card?.feet.find((f) => f.rank === 'best')?.id ?? null;
  // What was measured on the last scrap is not on the next one: only what was set goes along.
  const latest = Object.fromEntries(
    Object.entries(swatches.at(-1)?.features ?? {}).filter(([, set]) => typeof set === 'number'),
  ) as Features;
  const features = { ...plannedFeatures(technique, working.ask, reckoning), ...latest };

  const addSwatch = async (changed = '', set: Features = features) => {
    const id = newId();
    setFresh(id);
    // What it is sewn with is what the working uses from now on.
    const uses = { ...working.uses, ...(keepsFoot && foot ? { foot } : {}) };
    if (keepsFoot && foot && working.uses.foot !== foot) working.change({ uses: { foot } });
    await add({
      id,
      workingId: working.id,
      settings,
      changed,
      uses,
      ...(knobs.length ? { features: { ...chosen, ...set } } : {}),
    });
  };
  const three = threeOf(knobs, features);
  const addThree = async () => {
    for (const at of three!.all) await addSwatch('', { ...features, [three!.knob.name]: at });
  };
  const recordThree = three && (
    <button type="button" className="btn bare" onClick={() => void addThree()}>
      Record three, with {three.knob.label.toLowerCase()} {three.all.join(', ')} mm
    </button>
  );
  const tried = swatches.map((s) => s.changed).filter(Boolean);
  const isRight = swatches.at(-1)?.verdict === 'yes';
  const next = after(technique, 'sample');
  const canTake = technique.either.slice(1).every((f) => working.ask[f] === undefined);
  const changed = answer?.changedBySwatches;
  const own = learnt?.points.filter((p) => swatches.some((s) => s.id === p.id) && p.counts);
  return (
    <div className="grid gap-6">
      {answer && (
        <Scrap facts={answer.scrap} add={swatches.length > 0 ? () => void addSwatch() : undefined}>
          {swatches.length > 0 && recordThree}
        </Scrap>
      )}
      {changed && (
        <p className="noted" aria-live="polite">
          What your swatches changed in the plan: {changed.name.toLowerCase()}{' '}
          <b>
            <Measure text={changed.text} />
          </b>
        </p>
      )}
      {learnt && answer?.expected && (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <div className="grid min-w-0 gap-4">
            <LikelyRange
              expected={answer.expected}
              before={learnt.narrowed.length > 1 ? learnt.narrowed[0]!.range : undefined}
              measured={own}
            />
            {learnt.points.length > 0 && <Plot learnt={learnt} setX={setX} />}
          </div>
          <div className="grid min-w-0 gap-4">
            {learnt.next && (
              <NextSwatch
                next={learnt.next}
                sew={(set) => void addSwatch('', { ...features, ...set })}
                simulate={
                  teaches.some((t) => t.simulated)
                    ? (set) =>
                        void simulate(working.id, { ...features, ...chosen, ...set } as Features, settings)
                    : undefined
                }
                technique={technique}
              />
            )}
            <Narrowed learnt={learnt} />
          </div>
        </div>
      )}
      <ol className="grid items-start gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {swatches.map((swatch, i) => (
          <SwatchCard
            key={swatch.id}
            number={i + 1}
            swatch={swatch}
            before={swatches[i - 1]}
            isFresh={swatch.id === fresh}
            tried={tried}
            technique={technique}
            ask={working.ask}
            cloth={working.cloth}
            units={units}
            change={change}
            remove={remove}
            next={i === swatches.length - 1 ? (name) => void addSwatch(name) : undefined}
            take={canTake ? (field, value) => choose({ field, value: String(value) }) : undefined}
            point={learnt?.points.find((p) => p.id === swatch.id)}
            predicted={answer?.expected?.mid}
            photographs={photographs[swatch.id] ?? []}
            card={settings}
          />
        ))}
        {/* On a wide screen the next one is added from what is cut for it, above; on a narrow one that is far away. */}
        <li
          className={`${swatches.length ? 'sm:hidden' : ''} grid min-h-40 place-items-center rounded-lg border-2 border-dashed border-rule p-5 text-center`}
        >
          <div>
            {swatches.length === 0 && (
              <p className="mb-3">
                A test swatch shows how your fabric behaves before you cut. Two measurements are enough.
              </p>
            )}
            <button
              type="button"
              className={`btn ${swatches.length ? 'quiet' : ''}`}
              onClick={() => void addSwatch()}
            >
              {swatches.length === 0 ? 'Record a swatch' : 'Record another swatch'}
            </button>
            {swatches.length === 0 && recordThree}
          </div>
        </li>
      </ol>
      {isRight && next && (
        <p>
          <Link className="btn" to={`/parts/${working.id}/${next.name}`}>
            Good: continue to {next.title.toLowerCase()}
          </Link>
        </p>
      )}
    </div>
  );
}

function Scrap({ facts, add, children }: { facts: Fact[]; add?: () => void; children?: ReactNode }) {
  return (
    <section className="tacked flex flex-wrap items-center gap-x-10 gap-y-3" aria-label="The swatch to cut">
      {facts.map((fact) => (
        <div key={fact.name}>
          <h2 className="text-soft">{fact.name}</h2>
          <p className="fig text-[2.2rem]">
            <Measure text={fact.text} />
          </p>
        </div>
      ))}
      <p className="max-w-[24rem] grow basis-56 text-sm text-soft">
        Use the same layers, thread and settings. Measure twice, and again after steaming and drying. Change
        one thing at a time.
      </p>
      {add && (
        <button type="button" className="btn quiet max-sm:hidden" onClick={add}>
          Record another swatch
        </button>
      )}
      {children}
    </section>
  );
}
