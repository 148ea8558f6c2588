import type { Drawing, Shape } from '../api/types';

type Row = Extract<Shape, { kind: 'path' }>;

/** A stitch is shown so high in its strip, and at least so many repeats of it. */
const high = 0.62;
const least = 1.15;

/** A stitch on a strip, beside its name: as many repeats as there is room for, as large as they can be. */
export function StitchStrip({
  drawing,
  width = 112,
  height = 64,
}: {
  drawing: Drawing;
  width?: number;
  height?: number;
}) {
  const row = drawing.shapes.find((s): s is Row => s.kind === 'path' && Boolean(s.stitches?.repeat));
  const { repeat } = row?.stitches ?? {};
  if (!row || !repeat) return null;
  const wide = Math.max(row.stitches!.width, 1);
  const scale = Math.min((height * high) / wide, (width - 8) / (repeat.length * least));
  const count = Math.max(1, Math.floor((width - 8) / (repeat.length * scale)));
  const left = (width - count * repeat.length * scale) / 2;
  const d = repeat.paths.join('');
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      <rect x={0.5} y={0.5} width={width - 1} height={height - 1} rx={5} fill="var(--ground)" />
      <g transform={`translate(${left} ${height / 2}) scale(${scale})`}>
        {Array.from({ length: count }, (_, i) => (
          <path
            key={i}
            d={d}
            transform={`translate(${i * repeat.length} 0)`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.5 / scale}
            strokeLinejoin="round"
            strokeLinecap="round"
          />
        ))}
      </g>
    </svg>
  );
}
