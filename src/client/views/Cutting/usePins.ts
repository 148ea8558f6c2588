import { useState } from 'react';
import { Refused } from '../../api/http';
import type { Units } from '../../api/types';
import type { MovePieces } from '../../drawing/PieceHandles';
import type { Fabric, Pin } from './useLayout';

/** What can be put by hand on a fabric, and what was. */
export type Pins = {
  /** The marks of those that were put. */
  marks: string[];
  /** What is wrong with the last that was put, where something is. */
  error: string | null;
  /** Lets one go, or all of them. */
  free: (mark?: string) => void;
  /** Turns one by a quarter where it lies. */
  turn: (mark: string) => void;
  on: (sheet: number, units: Units, light: (part: string | null) => void) => MovePieces;
};

/** Puts pieces by hand; the rest is laid round them, and one that would lie on another is told so. */
export function usePins(fabric: Fabric, pins: Pin[], set: (pins: Pin[]) => Promise<void>): Pins {
  const [wrong, setWrong] = useState<{ says: string; of: Pin[] } | null>(null);
  const laid = (mark: string) => fabric.order.find((p) => p.mark === mark);
  const pinOf = (mark: string) => {
    const piece = laid(mark);
    return piece && pins.find((p) => p.piece === piece.piece && p.number === piece.number);
  };
  const keep = (next: Pin[]) =>
    void set(next).then(
      () => setWrong(null),
      (why: unknown) => {
        if (!(why instanceof Refused)) throw why;
        setWrong({ says: why.problem.errors?.pins?.[0] ?? why.problem.title, of: pins });
      },
    );
  const others = (mark: string) => pins.filter((p) => p !== pinOf(mark));
  const free = (mark?: string) => keep(mark ? others(mark) : []);
  const put = (mark: string, more: Partial<Pin>) => {
    const piece = laid(mark);
    if (!piece) return;
    const { number, on, fromSelvedge, fromEnd } = piece;
    const as = { piece: piece.piece, number, on, x: fromSelvedge.mm, y: fromEnd.mm, turned: false };
    keep([...others(mark), { ...as, ...pinOf(mark), ...more }]);
  };
  const turn = (mark: string) => put(mark, { turned: !pinOf(mark)?.turned });
  return {
    marks: fabric.order.filter((p) => pinOf(p.mark)).map((p) => p.mark),
    error: wrong?.of === pins ? wrong.says : null,
    free,
    turn,
    on: (sheet, units, light) => ({
      pieces: fabric.order
        .filter((p) => p.on === sheet && p.canMove)
        .map((p) => ({
          label: p.mark,
          from: [p.fromEnd.mm, p.fromSelvedge.mm],
          to: [p.fromEnd.mm + p.along.mm, p.fromSelvedge.mm + p.across.mm],
        })),
      step: units === 'metric' ? 10 : 12.7,
      isPinned: (mark) => Boolean(pinOf(mark)),
      free,
      turn,
      light: (mark) => light(mark ? (laid(mark)?.part ?? null) : null),
      put: (mark, [y, x]) => put(mark, { on: sheet, x, y }),
    }),
  };
}
