import { useId, useRef, useState, type ReactNode } from 'react';
import type { Cloth, Drawing, Units } from '../api/types';
import { lookOf } from './cloth';
import { PieceHandles, type MovePieces } from './PieceHandles';
import { ClothPattern } from './ClothPattern';
import { RulerStrip } from './RulerStrip';
import { readable } from './readable';
import { ShapeView, type Box, type Edit, type Frame } from './ShapeView';

/** CSS pixels of one millimetre at true size. */
const truePixels = 96 / 25.4;

/** The cloth's pattern repeats about this often, in mm. */
const repeatMm = 24;

type Props = {
  drawing: Drawing;
  cloth: Cloth | undefined;
  units: Units;
  /** The room there is, in pixels; 0 while it is not known. */
  width: number;
  maxHeight?: number;
  /** The moment of a step: what of it is lit up, and what is not there yet. */
  moment?: { lit: string[]; notYet?: string[] };
  /** Where the figures that its dimensions state are typed. */
  ask?: AskOnDrawing;
  /** Where its pieces can be put elsewhere. */
  move?: MovePieces;
};

/** The ask behind a drawing, so that what a dimension states can be typed where it stands. */
export type AskOnDrawing = {
  typed: (field: string) => string;
  label: (field: string) => string;
  /** What is wrong with it, where something is. */
  error: (field: string) => string | undefined;
  /** Sets a figure that is pulled or turned by keys: mm, or degrees. */
  pull: (field: string, value: number, isAngle: boolean) => void;
  /** The field itself, to be typed into at once; calls back when Enter ends it. */
  field: (field: string, done: () => void) => ReactNode;
};

/** A scaled drawing: mm from the server, pixels here. The scale is said, with a ruler along one side. */
export function DrawingView({ drawing, cloth, units, width, maxHeight = 330, moment, ask, move }: Props) {
  const id = useId();
  const [open, setOpen] = useState<({ field: string } & Box) | null>(null);
  // While a figure is typed on it the drawing keeps its scale, so that nothing jumps under the hand; then it settles.
  const settled = useRef<number | undefined>(undefined);
  const [isHeld, setHeld] = useState(false);
  // The keys go on from the figure that was typed into.
  const opener = useRef<HTMLElement | SVGElement | null>(null);
  const close = () => {
    setOpen(null);
    setTimeout(() => opener.current?.focus());
  };
  const frame = frameOf(drawing, width, maxHeight, open || isHeld ? settled.current : undefined);
  if (!open && !isHeld) settled.current = frame?.scale;
  const edit: Edit | undefined = ask && {
    ...ask,
    open: (field, box) => {
      opener.current = document.activeElement as HTMLElement | null;
      setOpen({ field, ...box });
    },
    hold: setHeld,
  };
  const shapes = frame
    ? readable(
        drawing.shapes.filter((s) => !moment?.notYet?.includes(s.part)),
        frame.scale,
        Boolean(ask),
      )
    : [];
  return (
    <figure className="drawing relative">
      <figcaption className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>{drawing.title}</h2>
        {frame && <span className="text-sm text-soft">{scaleOf(frame.scale)}</span>}
      </figcaption>
      {frame && (
        <svg
          width={frame.width}
          height={frame.height}
          viewBox={`0 0 ${frame.width} ${frame.height}`}
          className="block max-w-full overflow-visible"
          role={ask || move ? 'group' : 'img'}
          aria-label={drawing.says}
        >
          <Patterns id={id} drawing={drawing} cloth={cloth} scale={frame.scale} />
          <g
            transform={`translate(${frame.left} ${frame.top})`}
            className={shapes.filter((s) => s.kind === 'dot').length > 6 ? 'many-dots' : undefined}
          >
            {shapes.map((shape, i) => (
              // A dot that is pulled stays the one it is, however many stitches there are meanwhile.
              <g
                key={shape.kind === 'dot' ? shape.field : i}
                className={moment && momentOf(shape.part, moment.lit)}
              >
                <ShapeView shape={shape} frame={frame} fill={id} look={lookOf(cloth)} edit={edit} />
              </g>
            ))}
            {move && <PieceHandles scale={frame.scale} move={move} />}
          </g>
          <RulerStrip drawing={drawing} frame={frame} units={units} />
        </svg>
      )}
      {frame && open && ask && (
        // It only watches what the field within it does.
        // eslint-disable-next-line jsx-a11y/no-static-element-interactions
        <div
          className="on-drawing"
          style={{
            left: Math.max(
              0,
              Math.min(frame.left + open.x, Math.max(width, 200) - Math.max(open.width, 160)),
            ),
            top: frame.top + open.y,
            width: Math.max(open.width, 160),
          }}
          onFocus={(e) => e.target instanceof HTMLInputElement && e.target.select()}
          onBlur={(e) => e.currentTarget.contains(e.relatedTarget) || setOpen(null)}
          onKeyDown={(e) => e.key === 'Escape' && close()}
        >
          {ask.field(open.field, close)}
        </div>
      )}
      {frame && ask && <Wrong drawing={drawing} ask={ask} except={open?.field} />}
      {frame && drawing.isCloseUp && !frame.besides && <LineNames drawing={drawing} />}
    </figure>
  );
}

/** What is wrong with figures that the drawing states, where none of them is being typed. */
function Wrong({ drawing, ask, except }: { drawing: Drawing; ask: AskOnDrawing; except?: string }) {
  return [...statedOn(drawing)]
    .filter((field) => field !== except && ask.error(field))
    .map((field) => (
      <p key={field} className="wrong">
        {ask.label(field)}: {ask.error(field)}
      </p>
    ));
}

/** The fields that a drawing states, each typed into where it stands. */
function statedOn(drawing: Drawing): Set<string> {
  return new Set(
    drawing.shapes.flatMap((s) => ((s.kind === 'dimension' || s.kind === 'dot') && s.field ? [s.field] : [])),
  );
}

/** How a part stands out at a moment: what is lit is clear, what is not is faint; without anything lit all is clear. */
export function momentOf(part: string, lit: string[]) {
  if (lit.length === 0) return undefined;
  return lit.includes(part) ? 'lit' : 'unlit';
}

/** What the lines of a close-up are called, where there is no room beside it. */
function LineNames({ drawing }: { drawing: Drawing }) {
  const names = drawing.shapes.flatMap((s) => (s.kind === 'line' && s.label ? [s.label] : []));
  return (
    <ol className="mt-1 text-sm">
      {names.map((name) => (
        <li key={name}>{name}</li>
      ))}
    </ol>
  );
}

export function Patterns({
  id,
  drawing,
  cloth,
  scale,
}: {
  id: string;
  drawing: Drawing;
  cloth: Cloth | undefined;
  scale: number;
}) {
  const look = lookOf(cloth);
  const repeat = Math.max(9, repeatMm * scale);
  const gathered = drawing.shapes.find((s) => s.kind === 'gathered');
  const crowded = gathered ? 1.6 : 1;
  return (
    <defs>
      <ClothPattern
        id={`${id}-main`}
        look={look}
        repeat={repeat}
        lying={!drawing.grainUpright}
        weave={drawing.isCloseUp}
      />
      <ClothPattern
        id={`${id}-gathered`}
        look={look}
        repeat={repeat}
        crowded={crowded}
        lying={!drawing.grainUpright}
      />
    </defs>
  );
}

/** How a drawing lies on the screen: margins for its dimensions, and pixels for each mm. */
function frameOf(drawing: Drawing, width: number, maxHeight: number, held?: number): Frame | null {
  if (width < 40) return null;
  const has = (side: string) => drawing.shapes.some((s) => s.kind === 'dimension' && s.side === side);
  const labels = drawing.isCloseUp ? drawing.shapes.filter((s) => s.kind === 'line' && s.label) : [];
  const besides = width > 560;
  const beside = drawing.shapes.find((s) => s.kind === 'dimension' && s.side === 'left');
  const left = drawing.isCloseUp ? 34 : beside?.kind === 'dimension' ? beside.text.length * 7 + 26 : 0;
  const right = labels.length ? (besides ? 250 : 6) : has('right') ? 38 : 6;
  const top = has('above') ? 34 : 12;
  const scale = held ?? Math.min((width - left - right) / drawing.width, maxHeight / drawing.height);
  const below = (has('below') ? 30 : 4) + (drawing.isCloseUp ? 2 : 24);
  return {
    scale,
    left,
    top,
    besides,
    width:
      drawing.isCloseUp && besides
        ? Math.min(width, left + drawing.width * scale + right)
        : left + drawing.width * scale + right,
    height: top + drawing.height * scale + below,
    drawnWidth: drawing.width * scale,
    drawnHeight: drawing.height * scale,
    begins: drawing.shapes.flatMap((s) =>
      s.kind === 'dimension' ? [{ side: s.side, at: Math.min(s.from[0], s.to[0]) }] : [],
    ),
  };
}

/** Says the scale: 1 : 7.4, or 3 : 1 for a close-up. */
export function scaleOf(pixelsPerMm: number) {
  const times = pixelsPerMm / truePixels;
  const round = (n: number) => (n >= 10 ? Math.round(n) : Math.round(n * 10) / 10);
  return times >= 1 ? `Scale ${round(times)} : 1` : `Scale 1 : ${round(1 / times)}`;
}
