import type { Range } from './answer';

type Props = {
  range: Range;
  restsOn: string;
  /** The same before the last swatch, or before any. */
  before?: Range;
  /** What was measured, to be seen against it. */
  measured?: { fullness: number; isOdd: boolean }[];
  title?: string;
  /** What is wanted. */
  wanted?: number;
};

const [least, most] = [1, 4];
const at = (fullness: number) =>
  `${(100 * (Math.min(most, Math.max(least, fullness)) - least)) / (most - least)}%`;

/** The range of fullness that is likely, on a scale from flat to four times, and what it rests on. */
export function RangeBar({
  range,
  restsOn,
  before,
  measured = [],
  title = 'Likely fullness',
  wanted,
}: Props) {
  const words = `${range.low.toFixed(2)} to ${range.high.toFixed(2)}`;
  return (
    <section className="sheet" aria-label="Likely fullness" aria-live="polite">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2>{title}</h2>
        <p>
          <span className="fig text-[1.7rem]">{range.mid.toFixed(2)}</span>{' '}
          <span className="text-soft">
            even chance; nine in ten lie in <b className="whitespace-nowrap text-ink">{words}</b>
          </span>
        </p>
      </div>
      <div className="relative mt-3 h-9" aria-hidden>
        <div className="absolute inset-x-0 top-[15px] h-[5px] rounded bg-rule" />
        {before && (
          <div
            className="absolute top-[8px] h-[19px] rounded border-2 border-dashed border-slate"
            style={{ left: at(before.low), right: `calc(100% - ${at(before.high)})` }}
          />
        )}
        <div
          className="absolute top-[8px] h-[19px] rounded bg-chalk shadow-[inset_0_0_0_1.5px_var(--ink)]"
          style={{ left: at(range.low), right: `calc(100% - ${at(range.high)})` }}
        />
        <div
          className="absolute top-[2px] h-[31px] w-[3px] -translate-x-1/2 bg-ink"
          style={{ left: at(range.mid) }}
        />
        {measured.map((m, i) => (
          <span
            key={i}
            className={`absolute top-[12px] size-[11px] -translate-x-1/2 border-2 border-paper ${m.isOdd ? 'rotate-45 bg-tacking' : 'rounded-full bg-indigo'}`}
            style={{ left: at(m.fullness) }}
          />
        ))}
        {wanted !== undefined && (
          <span
            className="absolute top-[-4px] h-0 w-0 -translate-x-1/2 border-x-[6px] border-t-[9px] border-x-transparent border-t-moss"
            style={{ left: at(wanted) }}
          />
        )}
      </div>
      <div className="relative h-5 text-[0.78rem] text-soft" aria-hidden>
        {[1, 1.5, 2, 2.5, 3, 3.5, 4].map((f) => (
          <span
            key={f}
            className={`absolute ${f === least ? '' : f === most ? '-translate-x-full' : '-translate-x-1/2'}`}
            style={{ left: at(f) }}
          >
            {f}
          </span>
        ))}
      </div>
      <p className="mt-1 text-[0.92rem]">
        {restsOn}
        {wanted !== undefined && Number.isFinite(wanted) && ` ▾ planned: ${wanted}.`}
        {before && (
          <span className="text-soft"> Dashed: as it was before any of this working’s swatches.</span>
        )}
      </p>
    </section>
  );
}
