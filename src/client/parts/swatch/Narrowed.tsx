import { ends, said, scaleOf } from './scale';
import type { Learnt } from './usePlot';

/** How each swatch narrowed the range: one line for each, from none to the last. */
export function Narrowed({ learnt: { narrowed, quantity } }: { learnt: Learnt }) {
  if (narrowed.length < 2) return null;
  const scale = scaleOf(quantity, ends(narrowed.map((n) => n.range)));
  const at = (f: number) => `${scale(f)}%`;
  const width = ({ range }: (typeof narrowed)[number]) => range.high - range.low;
  const share = width(narrowed.at(-1)!) / width(narrowed[0]!);
  return (
    <section className="sheet min-w-0" aria-label="How the estimate has improved">
      <h2>How the estimate has improved</h2>
      <p className="mb-2 text-[0.92rem] text-soft">
        {share < 0.995
          ? `The range is ${Math.round(100 * share)} % as wide as before the first.`
          : 'No more precise yet: your swatches disagree, or differ a lot from the plan.'}
      </p>
      <ol className="grid gap-1.5 text-[0.86rem]">
        {narrowed.map(({ count, range }) => (
          <li key={count} className="grid grid-cols-[4.6rem_minmax(0,1fr)_7.4rem] items-center gap-2">
            <span className="text-soft">{count === 0 ? 'before' : `after ${count}`}</span>
            <span className="relative block h-4" aria-hidden>
              <i className="absolute inset-x-0 top-[7px] h-[2px] bg-rule" />
              <i
                className="absolute top-[2px] h-[12px] rounded-sm bg-chalk shadow-[inset_0_0_0_1px_var(--ink)]"
                style={{ left: at(range.low), right: `calc(100% - ${at(range.high)})` }}
              />
              <i className="absolute top-0 h-4 w-[2px] bg-ink" style={{ left: at(range.mid) }} />
            </span>
            <span className="text-right">
              {said(range.low, quantity)} to {said(range.high, quantity)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
