import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Dot } from '../api/types';
import type { Edit } from './ShapeView';

/** Where it was taken hold of: the pointer, the figure, the dot from the middle of its angle, and the way in which it grows. */
type Start = { x: number; y: number; value: number; arm: [number, number]; heading: number };

/** A dot that a figure is pulled by; arrow keys turn it, and a press or a digit opens it to be typed. */
export function PullDot({ dot, scale, edit }: { dot: Dot; scale: number; edit: Edit }) {
  const start = useRef<Start | null>(null);
  const moved = useRef(false);
  const isAngle = dot.pull === 'round';
  const [x, y] = [dot.at[0] * scale, dot.at[1] * scale];
  const put = (value: number) => {
    // Whole degrees, and half millimetres: finer no hand pulls.
    const step = isAngle ? 1 : 0.5;
    edit.pull(dot.field, Math.min(dot.most, Math.max(dot.least, Math.round(value / step) * step)), isAngle);
  };
  const down = (e: PointerEvent<SVGGElement>) => {
    e.preventDefault();
    e.currentTarget.focus();
    e.currentTarget.setPointerCapture(e.pointerId);
    start.current = {
      x: e.clientX,
      y: e.clientY,
      value: dot.value,
      arm: [x - dot.origin[0] * scale, y - dot.origin[1] * scale],
      heading: (dot.heading * Math.PI) / 180,
    };
    moved.current = false;
  };
  const move = (e: PointerEvent<SVGGElement>) => {
    const from = start.current;
    if (!from) return;
    const [dx, dy] = [e.clientX - from.x, e.clientY - from.y];
    if (!moved.current && Math.hypot(dx, dy) < 4) return;
    if (!moved.current) edit.hold(true);
    moved.current = true;
    // All from where it was taken hold of, since the drawing itself moves meanwhile.
    const [ax, ay] = from.arm;
    put(
      isAngle
        ? from.value + half(angleOf(ax + dx, ay + dy) - angleOf(ax, ay))
        : from.value + (dx * Math.cos(from.heading) + dy * Math.sin(from.heading)) / scale,
    );
  };
  const up = () => {
    if (!start.current) return;
    start.current = null;
    edit.hold(false);
    if (!moved.current) open();
  };
  const open = () => edit.open(dot.field, { x: x - 80, y: y - 34, width: 160 });
  const press = (e: KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[e.key];
    if (by) {
      e.preventDefault();
      e.stopPropagation();
      put(dot.value + by * (isAngle ? 5 : 1) * (e.shiftKey ? 10 : 1));
    } else if (e.key === 'Enter' || e.key === ' ' || /^[\d-]$/.test(e.key)) {
      e.stopPropagation();
      if (!/^[\d-]$/.test(e.key)) e.preventDefault();
      open();
    }
  };
  const wrong = edit.error(dot.field);
  return (
    <g
      className={`pull-dot${wrong ? ' is-wrong' : ''}`}
      transform={`translate(${x} ${y})`}
      role="slider"
      tabIndex={0}
      aria-label={edit.label(dot.field)}
      aria-valuenow={dot.value}
      aria-valuemin={dot.least}
      aria-valuemax={dot.most}
      aria-valuetext={dot.text}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={press}
    >
      <circle r={22} fill="transparent" stroke="none" />
      {isAngle ? <rect x={-6} y={-6} width={12} height={12} rx={2} /> : <circle r={6.5} />}
      <text className="pull-text" x={12} y={-9}>
        {dot.text}
      </text>
    </g>
  );
}

/** The angle of an arm, in degrees clockwise from the right. */
const angleOf = (x: number, y: number) => (Math.atan2(y, x) * 180) / Math.PI;

/** An angle between half a turn back and half a turn on. */
const half = (degrees: number) => degrees - 360 * Math.floor((degrees + 180) / 360);
