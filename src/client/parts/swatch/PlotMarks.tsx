import type { Learnt, PlotPoint } from './usePlot';

const dots = ['var(--indigo)', 'var(--clay)', 'var(--moss)', 'var(--plum)', 'var(--teal)', 'var(--slate)'];
/** A swatch: its shape and colour say the fabric or the foot, hollow that it does not count, a ring that it is odd. */
export function Mark({
  x,
  y,
  which,
  point,
  isHere,
}: {
  x: number;
  y: number;
  which: number;
  point: PlotPoint;
  isHere: boolean;
}) {
  const colour = dots[which % dots.length];
  return (
    <g transform={`translate(${x} ${y})`} data-swatch={point.id}>
      {isHere && <circle r={13} fill="none" stroke="var(--indigo)" strokeWidth={3} />}
      {point.isOdd && (
        <circle r={10} fill="none" stroke="var(--ink)" strokeWidth={1.8} strokeDasharray="3 2" />
      )}
      <path
        d={shapes[which % shapes.length]}
        fill={point.counts ? colour : 'var(--paper)'}
        stroke={point.counts ? 'var(--paper)' : colour}
        strokeWidth={point.counts ? 1.4 : 2}
        opacity={point.isSame ? 1 : 0.72}
      />
      {point.simulated && <path d="M-2.2 0h4.4" stroke="var(--paper)" strokeWidth={1.6} />}
    </g>
  );
}

const shapes = [
  'M-5.5 0a5.5 5.5 0 1 0 11 0a5.5 5.5 0 1 0 -11 0z',
  'M-5 -5h10v10h-10z',
  'M0 -6.6L6.2 5H-6.2z',
  'M0 -7L7 0L0 7L-7 0z',
  'M0 6.6L6.2 -5H-6.2z',
  'M-6 -2h4v-4h4v4h4v4h-4v4h-4v-4h-4z',
];

/** What the marks of a plot mean. */
export function Legend({
  learnt,
  groups,
  isOff,
  mark,
}: {
  learnt: Learnt;
  /** What each mark stands for, in their order. */
  groups: string[];
  isOff: boolean;
  mark: string;
}) {
  const has = (is: (p: PlotPoint) => boolean) => learnt.points.some(is);
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm text-soft">
      {groups.map((group, i) => (
        <li key={group} className="flex items-center gap-2">
          <svg width={14} height={14} viewBox="-7 -7 14 14" aria-hidden>
            <path d={shapes[i % shapes.length]} fill={dots[i % dots.length]} />
          </svg>
          {group}
        </li>
      ))}
      {!isOff && learnt.band.length > 0 && (
        <li className="flex items-center gap-2">
          <i className="inline-block h-3 w-5 rounded-sm bg-chalk" aria-hidden /> 9 times out of 10 lie in the
          band
        </li>
      )}
      {!isOff && learnt.planned && (
        <li>
          ▾ {mark}: {learnt.planned.says}
        </li>
      )}
      {has((p) => p.isOdd) && <li>circled: unusual</li>}
      {has((p) => !p.counts) && <li>hollow: not used</li>}
      {has((p) => p.simulated) && <li>barred: simulated</li>}
      {has((p) => !p.isSame) && <li>paler: another fabric or foot, counted half</li>}
    </ul>
  );
}
