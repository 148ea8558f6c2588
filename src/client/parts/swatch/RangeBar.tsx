import type { Likely, Plan } from '../../api/types';
import { Becomes } from './Becomes';
import { ends, said, scaleOf, type Quantity } from './scale';

type Props = {
  expected: Quantity & NonNullable<Plan['expected']>;
  /** The same before the last swatch, or before any. */
  before?: Likely;
  /** What was measured, to be seen against it. */
  measured?: { value: number; isOdd: boolean }[];
};

/** The range that is likely, on the scale of what is learnt, and what it rests on. */
export function RangeBar({ expected, before, measured = [] }: Props) {
  const { wanted, title, unit, restsOn, ...range } = expected;
  const scale = scaleOf(expected, ends([range]));
  const at = (figure: number) => `${scale(figure)}%`;
  const figure = (of: number) => said(of, expected);
  const ticks = scale.ticks(6);
  return (
    <section className="sheet" aria-label={`Expected ${title.toLowerCase()}`} aria-live="polite">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2>Expected {title.toLowerCase()}</h2>
        <p>
          <span className="text-soft">about</span>{' '}
          <span className="fig text-[1.7rem]">{figure(range.mid)}</span>{' '}
          <span className="text-soft">
            {unit}, 9 times out of 10 between{' '}
            <b className="whitespace-nowrap text-ink">
              {figure(range.low)} and {figure(range.high)}
            </b>
          </span>
        </p>
      </div>
      {expected.becomes && <Becomes becomes={expected.becomes} />}
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
            style={{ left: at(m.value) }}
          />
        ))}
        {wanted != null && (
          <span
            className="absolute top-[-4px] h-0 w-0 -translate-x-1/2 border-x-[6px] border-t-[9px] border-x-transparent border-t-moss"
            style={{ left: at(wanted) }}
          />
        )}
      </div>
      <div className="relative h-5 text-[0.78rem] text-soft" aria-hidden>
        {ticks.map((f, i) => (
          <span
            key={f}
            className={`absolute ${i === 0 ? '' : i === ticks.length - 1 ? '-translate-x-full' : '-translate-x-1/2'}`}
            style={{ left: at(f) }}
          >
            {f}
          </span>
        ))}
      </div>
      <p className="mt-1 text-[0.92rem]">
        {restsOn}
        {wanted != null && ` ▾ planned: ${wanted}.`}
        {before && <span className="text-soft"> Dashed: the estimate before your first swatch.</span>}
      </p>
    </section>
  );
}
