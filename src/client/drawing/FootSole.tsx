import { useId, useRef, type PointerEvent } from 'react';
import type { Drawing, Shape } from '../api/types';
import { PlateView, soleOf } from './PlateView';

type Handle = Extract<Shape, { kind: 'handle' }>;

type Props = {
  drawing: Drawing;
  /** Pixels of one millimetre. */
  scale: number;
  /** Pulls a figure to a new value in mm; without it there are no handles. */
  pull?: (field: string, mm: number) => void;
  label?: (field: string) => string;
};

/** The sole of a foot from below. Its edges and openings can be pulled, or stepped with the arrow keys. */
export function FootSole({ drawing, scale, pull, label }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const id = useId();
  const pad = pull ? 58 : 2;
  const width = drawing.width * scale + pad * 2;
  const height = drawing.height * scale + Math.min(pad, 30);
  const toMm = (event: PointerEvent) =>
    (event.clientX - svg.current!.getBoundingClientRect().left - pad) / scale;
  return (
    <svg
      ref={svg}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      className="block max-w-full touch-none"
      role={pull ? 'group' : 'img'}
      aria-label={drawing.says}
    >
      <g transform={`translate(${pad} ${Math.min(pad, 30) / 2})`}>
        <clipPath id={id}>
          {drawing.shapes.map(
            (shape, i) =>
              shape.kind === 'plate' && shape.role === 'sole' && <path key={i} d={soleOf(shape, scale)} />,
          )}
        </clipPath>
        {drawing.shapes.map(
          (shape, i) => shape.kind === 'plate' && <PlateView key={i} plate={shape} scale={scale} clip={id} />,
        )}
        {pull &&
          drawing.shapes.map(
            (shape) =>
              shape.kind === 'handle' && (
                <HandleView
                  key={shape.field}
                  handle={shape}
                  scale={scale}
                  name={label?.(shape.field) ?? shape.field}
                  pull={(mm) => pull(shape.field, mm)}
                  toMm={toMm}
                />
              ),
          )}
      </g>
    </svg>
  );
}

function HandleView({
  handle,
  scale,
  name,
  pull,
  toMm,
}: {
  handle: Handle;
  scale: number;
  name: string;
  pull: (mm: number) => void;
  toMm: (event: PointerEvent) => number;
}) {
  const now = (handle.at[0] - handle.origin[0]) * handle.per;
  const set = (mm: number) => pull(Math.max(0, Math.round(mm * 10) / 10));
  const [x, y] = [handle.at[0] * scale, handle.at[1] * scale];
  const isLeft = handle.per < 0;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(now * 10) / 10}
      aria-valuemin={0}
      aria-valuemax={40}
      aria-valuetext={`${Math.round(now * 10) / 10} mm`}
      className="cursor-ew-resize"
      onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
      onPointerMove={(e) => {
        if (e.currentTarget.hasPointerCapture(e.pointerId)) set((toMm(e) - handle.origin[0]) * handle.per);
      }}
      onKeyDown={(e) => {
        const step = { ArrowRight: 0.1, ArrowUp: 0.1, ArrowLeft: -0.1, ArrowDown: -0.1 }[e.key];
        if (step === undefined) return;
        e.preventDefault();
        set(now + step * (e.shiftKey ? 10 : 1));
      }}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={9} fill="var(--indigo)" stroke="var(--paper)" strokeWidth={2.5} />
      <path
        d={`M${x - 3} ${y - 3}l-3 3 3 3M${x + 3} ${y - 3}l3 3-3 3`}
        stroke="var(--paper)"
        strokeWidth={1.6}
        fill="none"
      />
      <text
        x={x + (isLeft ? -14 : 14)}
        y={y + 4.5}
        textAnchor={isLeft ? 'end' : 'start'}
        fontSize={13}
        fontWeight={650}
        fill="var(--ink)"
        stroke="var(--paper)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {Math.round(now * 10) / 10}
      </text>
    </g>
  );
}
