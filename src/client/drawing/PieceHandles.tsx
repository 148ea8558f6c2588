import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

/** A piece of a drawing that a hand can take hold of: what stands on it, and its corners in mm. */
export type Movable = { label: string; from: [number, number]; to: [number, number] };

/** Pieces of a drawing that can be put elsewhere by hand. */
export type MovePieces = {
  pieces: Movable[];
  /** Whether a piece, by what stands on it, stays where it was put. */
  isPinned: (label: string) => boolean;
  /** Puts a piece: the upper left corner, in mm of the drawing. */
  put: (label: string, at: [number, number]) => void;
  /** Turns a piece by a quarter. */
  turn: (label: string) => void;
  /** Lets a piece go. */
  free: (label: string) => void;
  /** Lights up what belongs to a piece that is pointed at; null for none. */
  light: (label: string | null) => void;
  /** How far an arrow key goes, in mm. */
  step: number;
};

/** Less than this is a press and no pull, in pixels. */
const still = 4;

/** What takes hold of each piece of a drawing: by the pointer, or by the keys once it has the focus. */
export function PieceHandles({ scale, move }: { scale: number; move: MovePieces }) {
  return move.pieces.map((piece) => <Handle key={piece.label} piece={piece} scale={scale} move={move} />);
}

function Handle({ piece, scale, move }: { piece: Movable; scale: number; move: MovePieces }) {
  const [pulled, setPulled] = useState<[number, number] | null>(null);
  const begun = useRef<[number, number] | null>(null);
  const { label, from, to } = piece;
  const isPinned = move.isPinned(label);
  const put = (x: number, y: number) => move.put(label, [Math.max(0, x), Math.max(0, y)]);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = move.step * (event.shiftKey ? 10 : 1);
    const way = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[
      event.key
    ];
    if (way) put(from[0] + way[0]!, from[1] + way[1]!);
    else if (event.key === 't' || event.key === 'T') move.turn(label);
    else if (event.key === 'Enter' || event.key === ' ') {
      if (isPinned) move.free(label);
      else put(from[0], from[1]);
    } else return;
    event.preventDefault();
  };
  const onPointerMove = (event: PointerEvent) => {
    if (begun.current) setPulled([event.clientX - begun.current[0], event.clientY - begun.current[1]]);
  };
  const onPointerUp = () => {
    if (pulled && Math.hypot(...pulled) >= still)
      put(from[0] + pulled[0] / scale, from[1] + pulled[1] / scale);
    begun.current = null;
    setPulled(null);
  };
  return (
    <rect
      className={`piece-handle ${isPinned ? 'is-pinned' : ''}`}
      x={from[0] * scale + (pulled?.[0] ?? 0)}
      y={from[1] * scale + (pulled?.[1] ?? 0)}
      width={(to[0] - from[0]) * scale}
      height={(to[1] - from[1]) * scale}
      role="button"
      tabIndex={0}
      aria-pressed={isPinned}
      aria-label={`Piece ${label}${isPinned ? ', pinned' : ''}: arrow keys move it, T turns it, Enter ${isPinned ? 'lets it go' : 'pins it'}`}
      onKeyDown={onKeyDown}
      onFocus={() => move.light(label)}
      onBlur={() => move.light(null)}
      onPointerEnter={() => move.light(label)}
      onPointerLeave={() => move.light(null)}
      onPointerDown={(event) => {
        begun.current = [event.clientX, event.clientY];
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerCancel={onPointerUp}
    />
  );
}
