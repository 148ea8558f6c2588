import { memo, useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Cloth, Drawing, Near } from '../api/types';
import { lookOf } from './cloth';
import { momentOf, Patterns, scaleOf } from './DrawingView';
import { ShapeView, type Frame } from './ShapeView';

type Moment = { lit: string[]; notYet?: string[] };

type Props = {
  drawing: Drawing;
  near: Near;
  cloth: Cloth | undefined;
  width: number;
  height: number;
  moment?: Moment;
};

/** A place of a drawing from near, turned as it lies under the needle; it can be moved about. */
export function NearView({ drawing, near, cloth, width, height, moment }: Props) {
  const scale = Math.min(width, height) / near.across;
  const [moved, setMoved] = useState({ near, x: 0, y: 0 });
  const [from, setFrom] = useState<{ x: number; y: number } | null>(null);
  // What was moved about is forgotten where another place is looked at.
  const by = moved.near === near ? moved : { x: 0, y: 0 };
  const shift = (x: number, y: number) => setMoved({ near, x: by.x + x, y: by.y + y });
  const drag = (e: PointerEvent) => {
    if (!from) return;
    shift(e.clientX - from.x, e.clientY - from.y);
    setFrom({ x: e.clientX, y: e.clientY });
  };
  const press = (e: KeyboardEvent) => {
    const to = { ArrowLeft: [24, 0], ArrowRight: [-24, 0], ArrowUp: [0, 24], ArrowDown: [0, -24] }[e.key];
    if (!to) return;
    e.preventDefault();
    e.stopPropagation();
    shift(to[0]!, to[1]!);
  };
  return (
    <figure className="drawing near">
      {/* It is moved about like a map: by pointer, or by the arrow keys. */}
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        className="block touch-pan-y rounded-[10px]"
        role="application"
        aria-roledescription="drawing from near"
        aria-label={`${near.label} (arrow keys move the view)`}
        tabIndex={0}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          setFrom({ x: e.clientX, y: e.clientY });
        }}
        onPointerMove={drag}
        onPointerUp={() => setFrom(null)}
        onPointerCancel={() => setFrom(null)}
        onKeyDown={press}
      >
        <rect width={width} height={height} fill="var(--plain)" />
        <g
          className="near-ground"
          style={{
            transform: `translate(${width / 2 + by.x}px, ${height / 2 + by.y}px) rotate(${near.turned}deg) translate(${-near.at[0] * scale}px, ${-near.at[1] * scale}px)`,
            ['--turned' as string]: `${-near.turned}deg`,
          }}
        >
          <Ground drawing={drawing} cloth={cloth} scale={scale} moment={moment} />
        </g>
        <circle className="needle-point" cx={width / 2 + by.x} cy={height / 2 + by.y} r={15} aria-hidden />
        <text x={width / 2} y={height - 8} textAnchor="middle" className="towards-you" aria-hidden>
          ↓ towards you
        </text>
      </svg>
      <figcaption className="mt-1 flex justify-between text-sm text-soft">
        <span>{near.label}</span>
        <span>{scaleOf(scale)}</span>
      </figcaption>
    </figure>
  );
}

/** Everything that lies there. It is drawn once, and only moved when another place is looked at. */
const Ground = memo(function Ground({
  drawing,
  cloth,
  scale,
  moment,
}: {
  drawing: Drawing;
  cloth: Cloth | undefined;
  scale: number;
  moment?: Moment;
}) {
  const id = useId();
  const frame: Frame = {
    scale,
    left: 0,
    top: 0,
    width: drawing.width * scale,
    height: drawing.height * scale,
    drawnWidth: drawing.width * scale,
    drawnHeight: drawing.height * scale,
    besides: false,
  };
  const shapes = drawing.shapes.filter(
    (s) => s.kind !== 'dimension' && s.kind !== 'dot' && !moment?.notYet?.includes(s.part),
  );
  return (
    <>
      <Patterns id={id} drawing={drawing} cloth={cloth} scale={scale} />
      {shapes.map((shape, i) => (
        <g key={i} className={moment && momentOf(shape.part, moment.lit)}>
          <ShapeView shape={shape} frame={frame} fill={id} look={lookOf(cloth)} />
        </g>
      ))}
    </>
  );
});
