import { useId } from 'react';
import type { Shape, StitchLook } from '../api/types';
import type { ClothLook } from './cloth';

type Row = Extract<Shape, { kind: 'path' }>;

/** A repeat that is smaller than this on the screen is drawn as a band. */
const leastPixels = 3;

/** A row of a decorative stitch: one repeat, over and over from where the row begins. The frame around it scales mm to pixels. */
export function StitchRow({
  shape,
  stitches,
  scale,
  look,
}: {
  shape: Row;
  stitches: StitchLook & { repeat: NonNullable<StitchLook['repeat']> };
  scale: number;
  look: ClothLook;
}) {
  const id = useId();
  const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = numbersOf(shape.path);
  const along = Math.hypot(x2 - x1, y2 - y1);
  const turn = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI;
  const { length, width, repeat } = stitches;
  const ink = shape.colour || look.ink;
  if (length * scale < leastPixels)
    return (
      <path
        d={shape.path}
        fill="none"
        stroke={ink}
        strokeOpacity={0.45}
        strokeWidth={Math.max(width * 0.8, 1 / scale)}
      />
    );
  // A needle that goes to the very side of its row is not cut off there.
  const high = width * 1.2 + 2 / scale;
  return (
    <g transform={`translate(${x1} ${y1}) rotate(${turn})`}>
      <pattern
        id={id}
        width={repeat.length}
        height={high}
        patternUnits="userSpaceOnUse"
        patternTransform={`translate(0 ${-high / 2}) scale(${length / repeat.length} 1)`}
      >
        <path
          d={repeat.paths.join('')}
          transform={`translate(0 ${high / 2})`}
          fill="none"
          stroke={ink}
          strokeWidth={Math.max(0.4, 1.15 / scale)}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      </pattern>
      <rect y={-high / 2} width={along} height={high} fill={`url(#${id})`} />
    </g>
  );
}

const numbersOf = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
