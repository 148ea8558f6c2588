/**
 * A gathering thread pulled up from the right: most of what is pulled gathers near the hand, and is spread from part to part.
 * Each part is 1/12 of a flat edge of 160 mm, and lies so many times full.
 */

const parts = 12;
const flatMm = 160;

/** Nothing is fuller than cloth can be. */
const most = 4;

export const flat: number[] = Array.from({ length: parts }, () => 1);

/** How long each part lies, in mm. */
export const lengthsOf = (full: number[]) => full.map((f) => flatMm / parts / f);

/** How long it is, drawn up, in mm. */
export const reach = (full: number[]) => lengthsOf(full).reduce((a, b) => a + b, 0);

/** One pull: what lies next to the hand gathers most, and what is full already passes the pull on. */
export const pulled = (full: number[]) =>
  full.map((f, i) =>
    Math.min(most, f + 0.5 * Math.exp(-(parts - 1 - i) / 3.5) * (1 - (f - 1) / (most - 1)) + 0.02),
  );

/** A hand reaches so many parts to either side. */
const reaches = 3;

/** Spreads a part: it and what lies beside it go more than half of the way to lying alike; the edge stays as long. */
export function spread(full: number[], at: number): number[] {
  const lengths = lengthsOf(full);
  const [from, to] = [Math.max(0, at - reaches), Math.min(parts, at + reaches + 1)];
  const mean = lengths.slice(from, to).reduce((a, b) => a + b, 0) / (to - from);
  return full.map((f, i) =>
    i < from || i >= to ? f : flatMm / parts / (lengths[i]! + 0.6 * (mean - lengths[i]!)),
  );
}
