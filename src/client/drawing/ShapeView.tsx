import type { CSSProperties } from 'react';
import type { Point, Shape } from '../api/types';
import { lookOf, type ClothLook } from './cloth';
import { Dimension } from './Dimension';
import { Gathered } from './Gathered';
import { LineView, lines, onCloth } from './LineView';
import { beginOf } from './readable';
import { PlateView } from './PlateView';
import { PullDot } from './PullDot';
import { StitchRow } from './StitchRow';

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
  /** Where along the drawing other distances begin, in mm, by the side on which they stand. */
  begins?: { side: string; at: number }[];
};

/** Types into the figure that a dimension states, where it stands. */
export type Edit = {
  typed: (field: string) => string;
  open: (field: string, at: Box) => void;
  label: (field: string) => string;
  error: (field: string) => string | undefined;
  /** Sets a figure that is pulled or turned by keys: mm, or degrees. */
  pull: (field: string, value: number, isAngle: boolean) => void;
  /** While something is pulled the drawing keeps its scale. */
  hold: (isHeld: boolean) => void;
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
      return <LineView shape={shape} frame={frame} look={look} />;
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
    case 'dot':
      return edit ? <PullDot dot={shape} scale={s} edit={edit} /> : null;
    case 'plate':
      return <PlateView plate={shape} scale={s} />;
    case 'words': {
      const [x, y] = at(shape.at);
      if (shape.isNumber)
        return (
          <text className="upright" style={{ '--at': `${x}px, ${y}px` } as CSSProperties}>
            <tspan textAnchor="middle" dy="0.35em" {...onCloth(look)}>
              {shape.text}
            </tspan>
          </text>
        );
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
  const paint =
    (shape.meaning !== 'thread' && shape.colour) ||
    (shape.fill && { main: `url(#${fill}-main)`, ...others(look) }[shape.fill]);
  const style = shape.meaning && lines[shape.meaning];
  const stitch = shape.stitches && shape.stitches.length * s >= 3 ? shape.stitches : undefined;
  const { repeat } = shape.stitches ?? {};
  if (repeat)
    return (
      <g transform={`scale(${s})`}>
        <StitchRow shape={shape} stitches={{ ...shape.stitches!, repeat }} scale={s} look={look} />
      </g>
    );
  // A cord or a ribbon has its own width; a line has as much on the screen whatever the scale.
  const width = shape.width ? shape.width : (style?.width ?? 1.1) / s;
  const isDark = shape.fill === 'hole' || shape.fill === 'backing';
  return (
    <g transform={`scale(${s})`}>
      {shape.width > 0 && shape.meaning !== 'profile' && (
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
        stroke={
          shape.meaning === 'profile'
            ? 'var(--cloth-edge)'
            : shape.meaning === 'thread' && shape.colour
              ? lookOf({ colour: shape.colour }).ink
              : shape.width
                ? look.accent
                : style && !isDark
                  ? look.ink
                  : 'var(--cloth-edge)'
        }
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
  const [x, y] = beginOf(shape.path);
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
