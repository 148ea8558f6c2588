import type { PlotData } from './usePlot';

/** How each swatch narrowed the range: one line for each, from none to the last. */
export function Narrowed({ narrowed }: Pick<PlotData, 'narrowed'>) {
  if (narrowed.length < 2) return null;
  const most = Math.max(2.5, ...narrowed.map((n) => Math.min(5, n.fullness.high)));
  const at = (f: number) => `${(100 * (Math.min(most, f) - 1)) / (most - 1)}%`;
  const width = (n: (typeof narrowed)[number]) => n.fullness.high - n.fullness.low;
  const share = width(narrowed.at(-1)!) / width(narrowed[0]!);
  return (
    <section className="sheet min-w-0" aria-label="What the swatches taught">
      <h2>What the swatches taught</h2>
      <p className="mb-2 text-[0.92rem] text-soft">
        {share < 0.995
          ? `The range is ${Math.round(100 * share)} % as wide as before the first.`
          : 'The range is no narrower yet: the swatches disagree, or lie far from the plan.'}
      </p>
      <ol className="grid gap-1.5 text-[0.86rem]">
        {narrowed.map((n) => (
          <li key={n.count} className="grid grid-cols-[4.6rem_minmax(0,1fr)_7.4rem] items-center gap-2">
            <span className="text-soft">{n.count === 0 ? 'before' : `after ${n.count}`}</span>
            <span className="relative block h-4" aria-hidden>
              <i className="absolute inset-x-0 top-[7px] h-[2px] bg-rule" />
              <i
                className="absolute top-[2px] h-[12px] rounded-sm bg-chalk shadow-[inset_0_0_0_1px_var(--ink)]"
                style={{ left: at(n.fullness.low), right: `calc(100% - ${at(n.fullness.high)})` }}
              />
              <i className="absolute top-0 h-4 w-[2px] bg-ink" style={{ left: at(n.fullness.mid) }} />
            </span>
            <span className="text-right">
              {n.fullness.low.toFixed(2)} to {n.fullness.high.toFixed(2)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
