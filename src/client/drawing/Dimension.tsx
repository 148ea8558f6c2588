import type { KeyboardEvent } from 'react';
import type { Shape } from '../api/types';
import type { Box, Edit, Frame } from './ShapeView';

/** A distance with witness lines, in the margin; what states a field is typed into where it stands. */
export function Dimension({
  shape,
  frame,
  edit,
}: {
  shape: Extract<Shape, { kind: 'dimension' }>;
  frame: Frame;
  edit?: Edit;
}) {
  const s = frame.scale;
  const noted = shape.note ? `${shape.text} ${shape.note}` : shape.text;
  // Along a low drawing there is no room for more than the figure.
  const text = shape.side === 'right' && widthOf(noted) > frame.height ? shape.text : noted;
  const wide = widthOf(text);
  if (shape.side === 'right') {
    const x = Math.max(shape.from[0], shape.to[0]) * s + 16;
    const [y1, y2] = [shape.from[1] * s, shape.to[1] * s];
    // What is longer than its line does not reach into the title.
    const middle = Math.max((y1 + y2) / 2, wide / 2 - frame.top);
    // In the line where it fits, else beside it.
    const fits = y2 - y1 > wide;
    const beside = fits ? x : x + 13;
    return (
      <g>
        <path className="dim" d={`M${x - 5} ${y1}h10M${x - 5} ${y2}h10M${x} ${y1}V${y2}`} />
        {fits && <rect className="gap" x={x - 8} y={middle - wide / 2} width={16} height={wide} />}
        <text
          textAnchor="middle"
          transform={`translate(${beside} ${middle}) rotate(-90) translate(0 4.5)`}
          {...typedInto(shape.field, edit, { x: beside - 96, y: middle, width: 112 })}
        >
          {text}
        </text>
      </g>
    );
  }
  if (shape.side === 'left') {
    const x = Math.min(shape.from[0], shape.to[0]) * s - 10;
    const [y1, y2] = [shape.from[1] * s, shape.to[1] * s];
    return (
      <g>
        <path className="dim" d={`M${x - 5} ${y1}h10M${x - 5} ${y2}h10M${x} ${y1}V${y2}`} />
        <text
          x={x - 9}
          y={(y1 + y2) / 2 + 4.5}
          textAnchor="end"
          {...typedInto(shape.field, edit, { x: 0, y: (y1 + y2) / 2, width: 112 })}
        >
          {text}
        </text>
      </g>
    );
  }
  const [x1, x2] = [shape.from[0] * s, shape.to[0] * s];
  // In the line where it fits, else after it, else above it; then a line below the cloth makes room for it.
  const inside = x2 - x1 > wide + 20;
  // What stands beside it on the same line would be written over.
  const crowded = frame.begins?.some(
    (other) => other.side === shape.side && other.at * s > x2 - 1 && other.at * s < x2 + 8 + wide,
  );
  const after = !inside && !crowded && x2 + 8 + wide <= frame.drawnWidth;
  const y =
    shape.side === 'above'
      ? Math.min(shape.from[1], shape.to[1]) * s - 16
      : Math.max(shape.from[1], shape.to[1]) * s + (inside || after ? 17 : 23);
  const middle = (x1 + x2) / 2;
  const within = Math.max(x1 + wide / 2, Math.min(middle, frame.drawnWidth - wide / 2 + 6));
  return (
    <g>
      <path className="dim" d={`M${x1} ${y - 5}v10M${x2} ${y - 5}v10M${x1} ${y}H${x2}`} />
      {inside && <rect className="gap" x={middle - wide / 2} y={y - 9} width={wide} height={18} />}
      <text
        x={inside ? middle : after ? x2 + 8 : within}
        y={inside || after ? y + 4.5 : y - 6}
        textAnchor={after ? 'start' : 'middle'}
        {...typedInto(shape.field, edit, {
          x: (inside ? middle : after ? x2 + 8 + wide / 2 : within) - Math.max(wide, 130) / 2,
          y: inside || after ? y : y - 10,
          width: Math.max(wide, 130),
        })}
      >
        {text}
      </text>
    </g>
  );
}

/** About how wide a text of a drawing is, in pixels, with a little air. */
const widthOf = (text: string) => text.length * 7 + 14;

/** What makes a stated figure one that is typed into: by a press, or by Enter. */
function typedInto(field: string, edit: Edit | undefined, box: Box) {
  if (!field || !edit) return { style: { fontWeight: 650 } };
  const open = () => edit.open(field, box);
  return {
    style: { fontWeight: 650 },
    className: edit.error(field) ? 'typed-into is-wrong' : 'typed-into',
    role: 'button',
    tabIndex: 0,
    'aria-label': `${edit.label(field)}: ${edit.typed(field) || 'not entered'}. Press to change.`,
    onClick: open,
    onKeyDown: (e: KeyboardEvent) => {
      // A digit begins at once: the field that opens takes it.
      if (/^\d$/.test(e.key) && !e.ctrlKey && !e.metaKey && !e.altKey) {
        e.stopPropagation();
        open();
      }
      if (e.key !== 'Enter' && e.key !== ' ') return;
      e.preventDefault();
      open();
    },
  };
}
