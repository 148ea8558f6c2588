import type { Drawing, Units } from '../api/types';
import { ticksOf } from './ruler';
import type { Frame } from './ShapeView';

const ink = '#14233c';

/** A chalk-yellow ruler: beside a close-up, below any other drawing. */
export function RulerStrip({ drawing, frame, units }: { drawing: Drawing; frame: Frame; units: Units }) {
  const upright = drawing.isCloseUp;
  const { ticks, unit } = ticksOf(upright ? drawing.height : drawing.width, frame.scale, units);
  const length = upright ? frame.drawnHeight : frame.drawnWidth;
  const y0 = upright ? frame.top : frame.height - 20;
  return (
    <g transform={upright ? `translate(0 ${y0})` : `translate(${frame.left} ${y0})`} aria-hidden>
      <rect width={upright ? 28 : length} height={upright ? length : 18} fill="var(--chalk)" />
      {upright && (
        <text x={14} y={-3} textAnchor="middle" style={{ fontSize: 10.5 }}>
          {unit}
        </text>
      )}
      {ticks.map(({ at, label }, i) => (
        <g key={i}>
          <line
            {...(upright
              ? { x1: label === null ? 23 : 19, x2: 28, y1: at, y2: at }
              : { y1: 0, y2: label === null ? 4 : 7, x1: at, x2: at })}
            stroke={ink}
            strokeWidth={1}
          />
          {label !== null && at < length - (upright ? 4 : 5 + 6.5 * label.length) && (
            <text
              x={upright ? 17 : at + 3}
              y={upright ? at + (at < 8 ? 9 : 4) : 15}
              textAnchor={upright ? 'end' : 'start'}
              style={{ fontSize: 10.5, fill: ink }}
            >
              {label}
              {at === 0 && !upright ? ` ${unit}` : ''}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
