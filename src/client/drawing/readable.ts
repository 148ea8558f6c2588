import type { Point, Shape } from '../api/types';

/** Left, top, right and bottom, in pixels of the drawing. */
type Box = readonly [number, number, number, number];

/**
 * Without the numbers and names that would stand on each other, or on a dot that is pulled, at this scale: of a crowd the
 * first is read, and then each that has room.
 *
 * @param scale Pixels of one mm.
 * @param isPulled Whether its dots are drawn.
 */
export function readable(shapes: Shape[], scale: number, isPulled: boolean): Shape[] {
  const taken = isPulled ? shapes.flatMap((s) => (s.kind === 'dot' ? [around(s.at, scale, 20)] : [])) : [];
  return shapes.flatMap((s): Shape[] => {
    // Where the needle stands is seen from near.
    if (s.kind === 'line' && s.meaning === 'needle')
      return Math.hypot(s.to[0] - s.from[0], s.to[1] - s.from[1]) * scale >= 6 ? [s] : [];
    const box = boxOf(s, scale);
    if (!box) return [s];
    if (!taken.some((other) => meets(box, other))) {
      taken.push(box);
      return [s];
    }
    return s.kind === 'path' ? [{ ...s, label: '' }] : [];
  });
}

/** Where a number or the name of a line stands. */
function boxOf(s: Shape, scale: number): Box | undefined {
  if (s.kind === 'words' && s.isNumber) return around(s.at, scale, s.text.length * 8 + 2);
  if (s.kind !== 'path' || !s.label) return undefined;
  const [x, y] = beginOf(s.path);
  return [x * scale + 6, y * scale, x * scale + 6 + s.label.length * 8, y * scale + 18];
}

/** The point that a path begins at, in mm. */
export function beginOf(path: string): Point {
  const [x = 0, y = 0] = path
    .slice(1)
    .split(/[ ,A-Z]+/)
    .map(Number);
  return [x, y];
}

const around = (at: Point, scale: number, wide: number): Box => [
  at[0] * scale - wide / 2,
  at[1] * scale - 9,
  at[0] * scale + wide / 2,
  at[1] * scale + 9,
];

const meets = (a: Box, b: Box) => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
