import type { Shape } from '../api/types';

export type Plate = Extract<Shape, { kind: 'plate' }>;

const looks = {
  opening: { fill: 'var(--ground)', stroke: 'var(--ink)', radius: 1.2 },
  groove: { fill: 'var(--hollow)', stroke: 'none', radius: 0.3 },
  hole: { fill: 'var(--ground)', stroke: 'var(--ink)', radius: 99 },
  swing: { fill: 'var(--chalk)', stroke: 'var(--ink)', radius: 0.5 },
} as const;

/** The outline of a sole: toes turned up in front, square behind. */
export function soleOf({ from, to }: Plate, scale: number) {
  const [x, y, right, bottom] = [...from, ...to].map((mm) => mm * scale) as [number, number, number, number];
  const toe = Math.min(4 * scale, (right - x) / 2);
  const heel = Math.min(1.5 * scale, (right - x) / 2);
  return `M${x} ${y + toe * 1.5}Q${x} ${y} ${x + toe} ${y}H${right - toe}Q${right} ${y} ${right} ${y + toe * 1.5}V${bottom - heel}Q${right} ${bottom} ${right - heel} ${bottom}H${x + heel}Q${x} ${bottom} ${x} ${bottom - heel}Z`;
}

/** A part of a tool: a sole, its opening, a groove, a hole; dashed where its size is a guess. */
export function PlateView({ plate, scale, clip }: { plate: Plate; scale: number; clip?: string }) {
  if (plate.role === 'sole') {
    return (
      <path
        d={soleOf(plate, scale)}
        fill="var(--metal)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeDasharray={plate.isGuess ? '4 3' : undefined}
      />
    );
  }
  const look = looks[plate.role];
  const [w, h] = [(plate.to[0] - plate.from[0]) * scale, (plate.to[1] - plate.from[1]) * scale];
  return (
    <rect
      x={plate.from[0] * scale}
      y={plate.from[1] * scale}
      width={Math.max(0, w)}
      height={Math.max(0, h)}
      rx={Math.min(look.radius * scale, w / 2)}
      fill={look.fill}
      stroke={look.stroke}
      strokeWidth={1.3}
      strokeDasharray={plate.isGuess ? '4 3' : undefined}
      clipPath={clip && plate.role === 'groove' ? `url(#${clip})` : undefined}
    />
  );
}
