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
  on: (sheet: number, units: Units) => MovePieces;
};

/** Puts pieces by hand; the rest is laid round them, and one that would lie on another is told so. */
export function usePins(fabric: Fabric, pins: Pin[], set: (pins: Pin[]) => Promise<void>): Pins {
  const [error, setError] = useState<string | null>(null);
  const markOf = ({ piece, number }: Pick<Pin, 'piece' | 'number'>) => {
    const is = fabric.pieces[piece];
    return is && is.count > 1 ? `${is.mark}${number}` : (is?.mark ?? '');
  };
  const keep = (next: Pin[]) =>
    void set(next).then(
      () => setError(null),
      (why: unknown) =>
        setError(why instanceof Refused ? (why.problem.errors?.pins?.[0] ?? why.problem.title) : null),
    );
  const free = (mark?: string) => keep(mark ? pins.filter((p) => markOf(p) !== mark) : []);
  return {
    marks: pins.map(markOf),
    error,
    free,
    on: (sheet, units) => ({
      step: units === 'metric' ? 10 : 12.7,
      isPinned: (label) => pins.some((p) => markOf(p) === label),
      free,
      put: (label, [y, x]) => {
        const place = fabric.layout.placements.find((p) => markOf(p) === label);
        if (!place) return;
        const { piece, number } = place;
        keep([...pins.filter((p) => markOf(p) !== label), { piece, number, on: sheet, x, y }]);
      },
    }),
  };
}
