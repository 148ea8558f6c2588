import type { Answer, Ask, Length } from '../../api/types';
import { sayAt } from '../../parts/ask/paths';
import { Measure } from '../../parts/Measure';

type Side = {
  length: Length;
  repeat: Length;
  count: number;
  miss: Length;
  plannedMiss: Length;
  plannedCount: number;
  shape: string;
  isFree: boolean;
};
type Fit = Answer & {
  bestRepeat: Length;
  miss: Length;
  lands: boolean;
  segments: Side[];
  change?: { says: string; furthest: Length; miss: Length; sets: { field: string; to: string }[] };
};

/** A miss of this much is a whole bar: half of a usual stitch, and no corner can be missed by more. */
const wholeBar = 1.4;

/** Of the first sides each is shown; what comes after is counted. */
const most = 16;

/** Side by side, how the stitch that serves all lands in each corner; and the least change that makes it land in all of them. */
export function StitchFit({
  answer,
  ask,
  set,
}: {
  answer: Answer | null;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
}) {
  const fit = answer as Fit | null;
  if (!fit?.segments) return null;
  const bound = fit.segments.filter((s) => !s.isFree);
  return (
    <section className="sheet" aria-label="How the stitches meet the corners">
      <h2>How the stitches meet the corners</h2>
      <p className="mt-1">
        <b className="fig text-xl">
          <Measure text={fit.bestRepeat.text} />
        </b>{' '}
        {fit.lands ? 'lands in every corner.' : 'misses the worst by '}
        {!fit.lands && <Measure text={fit.miss.text} />}
      </p>
      <table className="fit mt-2">
        <thead className="sr-only">
          <tr>
            <th scope="col">Side</th>
            <th scope="col">Stitches</th>
            <th scope="col">Misses corner by</th>
            <th scope="col">Best length for this side alone</th>
          </tr>
        </thead>
        <tbody>
          {bound.slice(0, most).map((side, i) => (
            <tr key={i}>
              <td>{i + 1}</td>
              <td>{side.plannedCount}</td>
              <td className="w-full">
                <span className="fit-bar">
                  <span
                    className={side.plannedMiss.mm <= 0.2 ? 'is-met' : ''}
                    style={{ width: `${Math.min(100, (side.plannedMiss.mm / wholeBar) * 100)}%` }}
                  />
                </span>
              </td>
              <td className="whitespace-nowrap">
                {side.plannedMiss.mm <= 0.2 ? '✓ ' : ''}
                {side.plannedMiss.mm.toFixed(1)}
              </td>
              <td className="text-soft">{side.repeat.mm.toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[0.84rem] text-soft">
        Side, stitches, missed by mm; last what would fit it best alone.
        {bound.length > most && ` ${bound.length - most} more sides.`}
      </p>
      {fit.change && (
        <div className="mt-3 border-t border-rule pt-2">
          <p>
            To make it land everywhere, <b>{fit.change.says}</b>.
          </p>
          <button type="button" className="btn quiet mt-2" onClick={() => sayAt(ask, fit.change!.sets, set)}>
            Make it so
          </button>
        </div>
      )}
    </section>
  );
}
