import type { KeyboardEvent } from 'react';
import type { Point, Shape } from '../api/types';
import type { ClothLook } from './cloth';
import { Gathered } from './Gathered';
import { PlateView } from './PlateView';

/** How a drawing lies on the screen. All but the scale are pixels. */
export type Frame = {
  /** Pixels of one mm. */
  scale: number;
  left: number;
  top: number;
  width: number;
  height: number;
  drawnWidth: number;
  drawnHeight: number;
  /** Whether there is room beside the drawing for what its lines are called. */
  besides: boolean;
};

/** Types into the figure that a dimension states, where it stands. */
export type Edit = {
  typed: (field: string) => string;
  open: (field: string, at: Box) => void;
  label: (field: string) => string;
  error: (field: string) => string | undefined;
};

/** Where a figure stands, in pixels of the drawing. */
export type Box = { x: number; y: number; width: number };

type Props = { shape: Shape; frame: Frame; fill: string; look: ClothLook; edit?: Edit };

/** One thing of a drawing. Form tells what a line means: long dashes stitched, dots the seam, short dashes folds and joins. */
export function ShapeView({ shape, frame, fill, look, edit }: Props) {
  const s = frame.scale;
  const at = (p: Point) => [p[0] * s, p[1] * s] as const;
  switch (shape.kind) {
    case 'cloth':
      return <Piece shape={shape} frame={frame} fill={fill} look={look} />;
    case 'line':
      return <Line shape={shape} frame={frame} look={look} />;
    case 'gathered':
      return <Gathered shape={shape} scale={s} fill={`url(#${fill}-gathered)`} look={look} />;
    case 'notch': {
      const [x, y] = at(shape.at);
      const up = shape.fromBelow ? 1 : -1;
      return <path d={`M${x} ${y}l-4.4 ${8 * up}h8.8z`} fill="var(--tacking)" />;
    }
    case 'dimension':
      return <Dimension shape={shape} frame={frame} edit={edit} />;
    case 'path':
      return <PathView shape={shape} frame={frame} fill={fill} look={look} />;
    case 'grain':
      return <Grain from={at(shape.from)} to={at(shape.to)} look={look} />;
    case 'plate':
      return <PlateView plate={shape} scale={s} />;
    case 'words': {
      const [x, y] = at(shape.at);
      return (
        <text x={x + 8} y={y - 8} {...onCloth(look)}>
          {shape.text}
        </text>
      );
    }
  }
}

/** The lengthwise grain: an arrow both ways, along the page or up it. */
function Grain({
  from: [x1, y1],
  to: [x2, y2],
  look,
}: {
  from: readonly [number, number];
  to: readonly [number, number];
  look: ClothLook;
}) {
  const long = Math.hypot(x2 - x1, y2 - y1);
  const turn = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI;
  return (
    <g transform={`translate(${x1} ${y1}) rotate(${turn})`} stroke={look.ink} fill="none" strokeWidth={1.5}>
      <path d={`M0 0H${long}M7 -4l-7 4 7 4M${long - 7} -4l7 4-7 4`} />
      <text
        x={long / 2}
        y={15}
        textAnchor="middle"
        stroke={look.ground}
        strokeWidth={4}
        paintOrder="stroke"
        style={{ fill: look.ink }}
      >
        grain
      </text>
    </g>
  );
}

/** The cloths that are not the working's own with its pattern. */
const others = (look: ClothLook) => ({
  plain: 'var(--plain)',
  length: look.ground,
  leftOver: 'var(--paper)',
  backing: 'var(--backing)',
  hole: 'var(--hole)',
});

/** A line or an outline of any form; a row of stitches is drawn stitch by stitch where they can be told apart. */
function PathView({ shape, frame, fill, look }: Props & { shape: Extract<Shape, { kind: 'path' }> }) {
  const s = frame.scale;
  const paint = shape.fill && { main: `url(#${fill}-main)`, ...others(look) }[shape.fill];
  const style = shape.meaning && lines[shape.meaning];
  const stitch = shape.stitches && shape.stitches.length * s >= 3 ? shape.stitches : undefined;
  // A cord or a ribbon has its own width; a line has as much on the screen whatever the scale.
  const width = shape.width ? shape.width : (style?.width ?? 1.1) / s;
  const isDark = shape.fill === 'hole' || shape.fill === 'backing';
  return (
    <g transform={`scale(${s})`}>
      {shape.width > 0 && (
        <path
          d={shape.path}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={width + 1.6 / s}
          strokeLinecap="round"
        />
      )}
      <path
        d={shape.path}
        fill={paint ?? 'none'}
        stroke={shape.width ? look.accent : style && !isDark ? look.ink : 'var(--cloth-edge)'}
        strokeWidth={width}
        strokeLinecap={stitch ? 'butt' : 'round'}
        strokeLinejoin="round"
        strokeDasharray={
          stitch
            ? `${stitch.length * 0.86} ${stitch.length * 0.14}`
            : style?.dash
                ?.split(' ')
                .map((d) => Number(d) / s / 1.6)
                .join(' ')
        }
        fillRule="evenodd"
      />
      {shape.label && <PathLabel shape={shape} scale={s} look={look} />}
    </g>
  );
}

/** What a path is called, at its start. */
function PathLabel({
  shape,
  scale,
  look,
}: {
  shape: Extract<Shape, { kind: 'path' }>;
  scale: number;
  look: ClothLook;
}) {
  const [x = 0, y = 0] = shape.path
    .slice(1)
    .split(/[ ,A-Z]+/)
    .map(Number);
  return (
    <text transform={`scale(${1 / scale})`} x={x * scale + 6} y={y * scale + 16} {...onCloth(look)}>
      {shape.label}
    </text>
  );
}

function Piece({ shape, frame, fill, look }: Props & { shape: Extract<Shape, { kind: 'cloth' }> }) {
  const s = frame.scale;
  const [x, y] = [shape.from[0] * s, shape.from[1] * s];
  const [w, h] = [(shape.to[0] - shape.from[0]) * s, (shape.to[1] - shape.from[1]) * s];
  const paint = {
    main: `url(#${fill}-main)`,
    ...others(look),
  }[shape.role];
  const outline = shape.tornRight
    ? `M${x + w} ${y}H${x}V${y + h}H${x + w}${torn(-h)}`
    : `M${x} ${y}h${w}v${h}h${-w}z`;
  return (
    <g>
      <path
        d={outline}
        fill={paint}
        stroke={shape.role === 'leftOver' ? 'var(--slate)' : 'var(--cloth-edge)'}
        strokeWidth={1.1}
        strokeDasharray={shape.role === 'leftOver' ? '3 3' : undefined}
      />
      {shape.label && w > 14 && h > 14 && (
        <text
          x={x + w / 2}
          y={y + h / 2 + 4}
          textAnchor="middle"
          stroke={shape.role === 'leftOver' ? 'var(--paper)' : look.ground}
          strokeWidth={5}
          strokeLinejoin="round"
          paintOrder="stroke"
          transform={
            w < shape.label.length * 7 && h > w ? `rotate(-90 ${x + w / 2} ${y + h / 2})` : undefined
          }
          style={{ fontWeight: 650, fill: shape.role === 'leftOver' ? 'var(--ink)' : look.ink }}
        >
          {shape.label}
        </text>
      )}
    </g>
  );
}

/** A torn edge, down (or up) a length: the piece goes on beyond the drawing. */
function torn(length: number) {
  const teeth = Math.max(2, Math.round(Math.abs(length) / 9));
  const dy = length / teeth / 2;
  return Array.from({ length: teeth }, () => `l4 ${dy}l-4 ${dy}`).join('') + 'z';
}

const lines = {
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
} as const;

function Line({
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
  const stroke = shape.meaning === 'match' ? 'var(--slate)' : look.ink;
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
const onCloth = (look: ClothLook) => ({
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

function Dimension({
  shape,
  frame,
  edit,
}: {
  shape: Extract<Shape, { kind: 'dimension' }>;
  frame: Frame;
  edit?: Edit;
}) {
  const s = frame.scale;
  const text = shape.note ? `${shape.text} ${shape.note}` : shape.text;
  const wide = text.length * 7 + 14;
  if (shape.side === 'right') {
    const x = Math.max(shape.from[0], shape.to[0]) * s + 16;
    const [y1, y2] = [shape.from[1] * s, shape.to[1] * s];
    const middle = (y1 + y2) / 2;
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
  const after = !inside && x2 + 8 + wide <= frame.drawnWidth;
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

/** What makes a stated figure one that is typed into: by a press, or by Enter. */
function typedInto(field: string, edit: Edit | undefined, box: Box) {
  if (!field || !edit) return { style: { fontWeight: 650 } };
  const open = () => edit.open(field, box);
  return {
    style: { fontWeight: 650 },
    className: edit.error(field) ? 'typed-into is-wrong' : 'typed-into',
    role: 'button',
    tabIndex: 0,
    'aria-label': `${edit.label(field)}, on the drawing: ${edit.typed(field) || 'not said'}`,
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
