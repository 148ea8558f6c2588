import type { Shape } from '../api/types';
import type { ClothLook } from './cloth';
import type { Frame } from './ShapeView';

/** How each kind of line is dashed, and how wide. */
export const lines = {
  stitch: { dash: '11 4', width: 1.9 },
  stitchRemoved: { dash: '11 4', width: 1.9 },
  seam: { dash: '0.1 6', width: 2.6 },
  fold: { dash: '4 4', width: 1.4 },
  join: { dash: '3 3', width: 1.5 },
  hem: { dash: '4 4', width: 1.2 },
  chalk: { dash: undefined, width: 1.2 },
  selvedge: { dash: undefined, width: 3.2 },
  match: { dash: undefined, width: 1 },
  profile: { dash: undefined, width: 5 },
  cord: { dash: undefined, width: 3 },
  ribbon: { dash: undefined, width: 3 },
  tear: { dash: '2 3', width: 1.3 },
  thread: { dash: undefined, width: 1.1 },
  needle: { dash: undefined, width: 2.6 },
} as const;

/** A straight line on cloth, with what it is called where there is room. */
export function LineView({
  shape,
  frame,
  look,
}: {
  shape: Extract<Shape, { kind: 'line' }>;
  frame: Frame;
  look: ClothLook;
}) {
  const s = frame.scale;
  const [x1, y1, x2, y2] = [shape.from[0] * s, shape.from[1] * s, shape.to[0] * s, shape.to[1] * s];
  const isNear = Boolean(shape.label);
  const liesOnCloth = x2 + 27 < frame.drawnWidth;
  const { dash, width } = lines[shape.meaning];
  const stroke =
    shape.meaning === 'match' ? 'var(--slate)' : shape.meaning === 'profile' ? 'var(--ink)' : look.ink;
  return (
    <g>
      {/* A light edge keeps a row readable on a busy cloth. */}
      {shape.meaning !== 'match' && isNear && (
        <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={look.ground} strokeWidth={width + 4} opacity={0.75} />
      )}
      <line
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={stroke}
        strokeWidth={isNear ? width * 1.4 : width * 0.62}
        strokeDasharray={isNear ? dash : dash && (shape.meaning === 'seam' ? dash : '5 2')}
        strokeLinecap="round"
        opacity={shape.meaning === 'stitchRemoved' ? 0.85 : 1}
      />
      {shape.meaning === 'stitchRemoved' && isNear && (
        <path d={crosses(x1, x2, y1)} stroke={look.ink} strokeWidth={1.3} fill="none" />
      )}
      {isNear && frame.besides && (
        <>
          <line x1={x2 + 6} x2={x2 + 22} y1={y1} y2={y1} stroke={liesOnCloth ? look.ink : 'var(--ink)'} />
          <text
            x={x2 + 27}
            y={y1 + 4.5}
            // What stands on the cloth is written as the cloth is, with a light edge.
            {...(liesOnCloth ? onCloth(look) : { style: { fontWeight: 650 } })}
          >
            {shape.label}
          </text>
        </>
      )}
    </g>
  );
}

/** Letters that are readable on a busy cloth, in either theme. */
export const onCloth = (look: ClothLook) => ({
  stroke: look.ground,
  strokeWidth: 5,
  strokeLinejoin: 'round' as const,
  paintOrder: 'stroke',
  style: { fill: look.ink, fontWeight: 650 },
});

/** Small crosses along a row that is taken out again. */
function crosses(x1: number, x2: number, y: number) {
  let d = '';
  for (let x = x1 + 40; x < x2 - 6; x += 80) d += `M${x - 4} ${y - 4}l8 8m0-8l-8 8`;
  return d;
}
