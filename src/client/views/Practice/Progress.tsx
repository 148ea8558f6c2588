import { onDay } from '../../app/dates';
import type { Units } from '../../api/types';
import type { Try } from './usePractice';

const [wide, high, left, top] = [280, 130, 30, 10];

/** How an exercise went from try to try: the points, and how far stitches spread. */
export function Progress({ tries, units }: { tries: Try[]; units: Units }) {
  if (tries.length === 0)
    return (
      <section className="sheet" aria-label="Your progress">
        <h2>Your progress</h2>
        <p className="text-soft">Each try is drawn here: sew one, and press “Done”.</p>
      </section>
    );
  const inOrder = [...tries].reverse();
  const x = (i: number) =>
    left + 10 + (inOrder.length < 2 ? 0 : (i * (wide - left - 24)) / (inOrder.length - 1));
  const y = (points: number) => top + (high - top - 22) * (1 - points / 100);
  const spread = (part: number) => y(Math.max(0, 100 - part * 100));
  const line = (of: (t: Try) => number) =>
    inOrder.map((t, i) => `${i ? 'L' : 'M'}${x(i).toFixed(1)} ${of(t).toFixed(1)}`).join('');
  const [first, last] = [inOrder[0]!, inOrder.at(-1)!];
  return (
    <section className="sheet" aria-label="Your progress">
      <h2>Your progress</h2>
      <p className="text-[0.95rem]">
        {inOrder.length === 1
          ? `One try, on ${onDay(first.at, units)}.`
          : `${inOrder.length} tries. Stitches spread by ${percent(first)} on ${onDay(first.at, units)}, and by ${percent(last)} on ${onDay(last.at, units)}.`}
      </p>
      <svg
        viewBox={`0 0 ${wide} ${high}`}
        className="mt-2 block w-full"
        role="img"
        aria-label={`Points from try to try: ${inOrder.map((t) => Math.round(t.score.points)).join(', ')}`}
      >
        {[0, 50, 100].map((p) => (
          <g key={p}>
            <line x1={left} x2={wide} y1={y(p)} y2={y(p)} stroke="var(--rule)" />
            <text x={left - 6} y={y(p) + 4} textAnchor="end" fontSize={12} fill="var(--soft)">
              {p}
            </text>
          </g>
        ))}
        <path
          d={line((t) => spread(t.score.spread))}
          fill="none"
          stroke="var(--indigo)"
          strokeWidth={2}
          strokeDasharray="5 4"
        />
        <path d={line((t) => y(t.score.points))} fill="none" stroke="var(--tacking)" strokeWidth={3} />
        {inOrder.map((t, i) => (
          <circle key={t.id} cx={x(i)} cy={y(t.score.points)} r={4} fill="var(--tacking)" />
        ))}
      </svg>
      <p className="text-sm text-soft">Red: score. Dashed: evenness (higher is better).</p>
    </section>
  );
}

const percent = (t: Try) => `${Math.round(t.score.spread * 100)} %`;
