import { useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../../api/id';
import { Measure } from '../../parts/Measure';
import type { StageProps } from '../registry';
import { useCard } from '../../views/Working/useCard';
import { useSwatches } from '../useSwatches';
import type { Gathers } from './answer';
import { SwatchCard } from './SwatchCard';

/** Sample: what scrap to cut and mark, what it became, how it looks, and the one change to try next. */
export function Sample({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Gathers | null;
  const { swatches, add, change, remove } = useSwatches(working.id, units);
  const [fresh, setFresh] = useState<string | null>(null);
  const card = useCard(working, technique.name, units).answer;
  if (!swatches) return <p className="text-soft">Opening…</p>;
  const rows = technique.fields
    .find((f) => f.name === 'rows')
    ?.choices?.find((c) => c.name === working.ask.rows);
  const set = (key: string) => {
    const line = card?.lines.find((l) => l.key === key);
    return line ? [line.figure, line.dial].filter(Boolean).join(', ') : '';
  };
  const settings = {
    Fullness: String(working.ask.fullness ?? ''),
    'Stitch length': set('length') || String(working.ask.stitchLength ?? ''),
    'Needle tension': set('needle-tension'),
    Needle: set('needle'),
    Foot: set('foot'),
    Rows: rows?.label ?? '',
  };
  const addSwatch = async (changed = '') => {
    const id = newId();
    setFresh(id);
    await add({ id, workingId: working.id, settings, changed });
  };
  const tried = swatches.map((s) => s.changed).filter(Boolean);
  const isRight = swatches.at(-1)?.verdict === 'yes';
  return (
    <div className="grid gap-6">
      {answer && (
        <section
          className="tacked flex flex-wrap items-center gap-x-10 gap-y-3"
          aria-label="The swatch to cut"
        >
          <div>
            <h2 className="text-soft">Cut a scrap of the same cloth</h2>
            <p className="fig text-[2.2rem]">
              <Measure text={answer.swatch.cutLength.text} /> × <Measure text={answer.swatch.cutDepth.text} />
            </p>
          </div>
          <div>
            <h2 className="text-soft">Mark two lines apart</h2>
            <p className="fig text-[2.2rem]">
              <Measure text={answer.swatch.markedFlat.text} />
            </p>
          </div>
          <div>
            <h2 className="text-soft">Pull it up to</h2>
            <p className="fig text-[2.2rem]">
              <Measure text={answer.swatch.gathersTo.text} />
            </p>
          </div>
          <p className="max-w-64 basis-64 text-sm text-soft">
            Same layers, same thread, same rows. Measure between the marks before and after; steam it, measure
            again. Change one thing at a time.
          </p>
        </section>
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
            plan={(fullness) => working.set('fullness', fullness)}
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
