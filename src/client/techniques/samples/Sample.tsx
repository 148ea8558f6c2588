import { useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../../api/id';
import type { Answer, CardAnswer } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { useCard } from '../../views/Working/useCard';
import { isPredicted } from '../pieced/answer';
import { layouts } from '../pieced/layouts';
import { RangeBar } from '../pieced/RangeBar';
import type { StageProps } from '../registry';
import type { SwatchPlan } from './answer';
import { plannedFeatures, type Features } from './features';
import { Narrowed } from './Narrowed';
import { NextSwatch } from './NextSwatch';
import { Plot } from './Plot';
import { SwatchCard } from './SwatchCard';
import { usePhotographs } from './usePhotographs';
import { usePlot } from './usePlot';
import { useSwatches } from './useSwatches';

/** Lines of the card that a swatch of a technique with knobs keeps as figures, not in words. */
const asFigures = ['length', 'needle-tension', 'differential'];

/** Sample: what scrap to cut and mark, what it became, how it looks, what it says of the next, and the one change to try. */
export function Sample({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as (Answer & { swatch: SwatchPlan }) | null;
  const { swatches, add, simulate, change, remove } = useSwatches(working.id, units);
  const [fresh, setFresh] = useState<string | null>(null);
  const [x, setX] = useState('stitchLength');
  const learns = technique.family !== undefined;
  const plot = usePlot(learns ? working : null, x).data;
  const photographs = usePhotographs(working.id);
  const card = useCard(working, technique.name, units).answer;
  if (!swatches) return <p className="text-soft">Opening…</p>;
  const settings = settingsOf(card, technique, working.ask);
  const foot = working.uses.foot ?? card?.feet.find((f) => f.rank === 'best')?.id ?? null;
  const latest = (swatches.at(-1)?.features ?? {}) as Features;
  const features = { ...plannedFeatures(technique, working.ask, reckoning), ...latest };

  const addSwatch = async (changed = '', set: Features = features) => {
    const id = newId();
    setFresh(id);
    // What it is sewn with is what the working uses from now on.
    const uses = { ...working.uses, ...(learns && foot ? { foot } : {}) };
    if (learns && foot && working.uses.foot !== foot) working.change({ uses: { foot } });
    await add({
      id,
      workingId: working.id,
      settings,
      changed,
      uses,
      ...(learns ? { features: set as never } : {}),
    });
  };
  const tried = swatches.map((s) => s.changed).filter(Boolean);
  const isRight = swatches.at(-1)?.verdict === 'yes';
  const canPlan = technique.fields.some((f) => f.name === 'fullness') && working.ask.tuckDepth === undefined;
  const own = plot?.points.filter((p) => swatches.some((s) => s.id === p.id) && p.counts);
  return (
    <div className="grid gap-6">
      {answer && <Scrap plan={answer.swatch} makes={layouts[technique.name]?.makes ?? 'Pull it up to'} />}
      {learns && answer && isPredicted(answer) && (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <div className="grid min-w-0 gap-4">
            <RangeBar
              range={answer.fullness}
              restsOn={answer.restsOn}
              before={plot && plot.narrowed.length > 1 ? plot.narrowed[0]!.fullness : undefined}
              measured={own}
              wanted={technique.family === 'elastic' ? Number(working.ask.fullness) : undefined}
            />
            {plot && plot.points.length > 0 && <Plot plot={plot} x={x} setX={setX} />}
          </div>
          <div className="grid min-w-0 gap-4">
            {plot?.next && (
              <NextSwatch
                next={plot.next}
                sew={(set) => void addSwatch('', { ...features, ...set })}
                simulate={(set) => void simulate(working.id, { ...features, ...set }, settings)}
                technique={technique}
              />
            )}
            {plot && <Narrowed narrowed={plot.narrowed} />}
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
            plan={canPlan ? (fullness) => working.set('fullness', fullness) : undefined}
            point={plot?.points.find((p) => p.id === swatch.id)}
            predicted={answer && isPredicted(answer) ? answer.fullness.mid : undefined}
            photographs={photographs[swatch.id] ?? []}
            card={settings}
          />
        ))}
        <li className="grid min-h-40 place-items-center rounded-lg border-2 border-dashed border-rule p-5 text-center">
          <div>
            {swatches.length === 0 && (
              <p className="mb-3">
                A swatch shows what this cloth does before it is cut. Two figures are enough.
              </p>
            )}
            <button
              type="button"
              className={`btn ${swatches.length ? 'quiet' : ''}`}
              onClick={() => void addSwatch()}
            >
              {swatches.length === 0 ? 'Add the first swatch' : 'Add the next swatch'}
            </button>
          </div>
        </li>
      </ol>
      {isRight && (
        <p>
          <Link className="btn" to={`/workings/${working.id}/cut`}>
            Right: go on to cut
          </Link>
        </p>
      )}
    </div>
  );
}

function Scrap({ plan, makes }: { plan: SwatchPlan; makes: string }) {
  return (
    <section className="tacked flex flex-wrap items-center gap-x-10 gap-y-3" aria-label="The swatch to cut">
      <div>
        <h2 className="text-soft">Cut a scrap of the same cloth</h2>
        <p className="fig text-[2.2rem]">
          <Measure text={plan.cutLength.text} /> × <Measure text={plan.cutDepth.text} />
        </p>
      </div>
      <div>
        <h2 className="text-soft">Mark two lines apart</h2>
        <p className="fig text-[2.2rem]">
          <Measure text={plan.markedFlat.text} />
        </p>
      </div>
      <div>
        <h2 className="text-soft">{makes}</h2>
        <p className="fig text-[2.2rem]">
          <Measure text={plan.gathersTo.text} />
        </p>
      </div>
      <p className="max-w-[26rem] grow basis-64 text-sm text-soft">
        Same layers, same thread, same settings. Measure between the marks before and after; steam it, wait
        some minutes, measure again. Change one thing at a time.
      </p>
    </section>
  );
}

/** The whole card in words, as it was set; what is kept as figures is left out. */
function settingsOf(
  card: CardAnswer | null,
  technique: StageProps['technique'],
  ask: StageProps['working']['ask'],
): Record<string, string> {
  const lines = (card?.lines ?? []).filter((l) => !technique.family || !asFigures.includes(l.key));
  const words = Object.fromEntries(
    lines.slice(0, 50).map((l) => [l.setting, [l.figure, l.dial].filter(Boolean).join(', ')]),
  );
  const chosen = technique.fields
    .find((f) => f.name === 'rows' || f.name === 'layout')
    ?.choices?.find((c) => c.name === ask.rows || c.name === ask.layout);
  return {
    ...(typeof ask.fullness === 'number' || typeof ask.fullness === 'string'
      ? { Fullness: String(ask.fullness) }
      : {}),
    ...words,
    ...(technique.family || words['Stitch length']
      ? {}
      : { 'Stitch length': String(ask.stitchLength ?? '') }),
    ...(chosen ? { Rows: chosen.label } : {}),
  };
}
