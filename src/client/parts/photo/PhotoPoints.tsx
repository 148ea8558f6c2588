import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

/** A place in a picture, in px. */
export type At = [number, number];

/** What lies over a photograph: the part with its corners, two places on a ruler, and the lines that were found. */
export function PhotoPoints({
  size: [w, h],
  part,
  setPart,
  ruler,
  setRuler,
  lines,
  odd,
  pull,
}: {
  size: At;
  part: At[];
  setPart: (part: At[]) => void;
  ruler: At[];
  setRuler: (ruler: At[]) => void;
  lines: [At, At][];
  odd: number[];
  /** Puts an end of a line elsewhere. */
  pull: (line: number, end: 0 | 1, at: At) => void;
}) {
  const u = w / 100;
  const put = (all: At[], i: number, at: At) =>
    all.map((p, k): At => (k === i ? [clamp(at[0], w), clamp(at[1], h)] : p));
  return (
    <svg className="photo-points absolute inset-0 h-full w-full" viewBox={`0 0 ${w} ${h}`}>
      <path className="part" d={`M${part.map((p) => p.join(' ')).join('L')}Z`} strokeWidth={0.3 * u} />
      <path
        className="first"
        d={`M${part
          .slice(0, 2)
          .map((p) => p.join(' '))
          .join('L')}`}
        strokeWidth={0.9 * u}
      />
      {lines.map(([from, to], i) => (
        <path
          key={i}
          className={odd.includes(i) ? 'found is-odd' : 'found'}
          d={`M${from.join(' ')}L${to.join(' ')}`}
          strokeWidth={0.25 * u}
        />
      ))}
      {ruler.length === 2 && (
        <path className="ruler" d={`M${ruler.map((p) => p.join(' ')).join('L')}`} strokeWidth={0.3 * u} />
      )}
      {lines.flatMap((line, i) =>
        ([0, 1] as const).map((end) => (
          <Dot
            key={`l${i} ${end}`}
            at={line[end]}
            size={w}
            small
            name={`Line ${i + 1}, ${end ? 'far' : 'near'} end`}
            put={(to) => pull(i, end, to)}
          />
        )),
      )}
      {part.map((at, i) => (
        <Dot
          key={`c${i}`}
          at={at}
          size={w}
          name={`Corner ${i + 1}`}
          put={(to) => setPart(put(part, i, to))}
        />
      ))}
      {ruler.map((at, i) => (
        <Dot
          key={`r${i}`}
          at={at}
          size={w}
          name={`Ruler, dot ${i + 1}`}
          put={(to) => setRuler(put(ruler, i, to))}
        />
      ))}
    </svg>
  );
}

const clamp = (x: number, most: number) => Math.min(most, Math.max(0, x));

function Dot({
  at,
  size,
  name,
  put,
  small,
}: {
  at: At;
  size: number;
  name: string;
  put: (to: At) => void;
  small?: boolean;
}) {
  const held = useRef(false);
  const to = (event: PointerEvent<SVGCircleElement>): At => {
    const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    const by = size / box.width;
    return [(event.clientX - box.left) * by, (event.clientY - box.top) * by];
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = (event.shiftKey ? 0.02 : 0.002) * size;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!way) return;
    put([at[0] + way[0]! * step, at[1] + way[1]! * step]);
    event.preventDefault();
  };
  return (
    <circle
      cx={at[0]}
      cy={at[1]}
      r={(small ? 0.009 : 0.022) * size}
      role="button"
      tabIndex={0}
      aria-label={`${name}: arrow keys move it`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        held.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => held.current && put(to(event))}
      onPointerUp={() => (held.current = false)}
      onPointerCancel={() => (held.current = false)}
    />
  );
}
