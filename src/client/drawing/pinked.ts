/** The outline of a square with a pinked edge, so many teeth to a side. */
export function pinked(side: number, teeth: number) {
  const half = (side - 4) / teeth / 2;
  const run = (dx: number, dy: number, ox: number, oy: number) =>
    Array.from(
      { length: teeth },
      () => `l${dx * half + ox * 2} ${dy * half + oy * 2}l${dx * half - ox * 2} ${dy * half - oy * 2}`,
    ).join('');
  return `M2 2${run(1, 0, 0, -1)}${run(0, 1, 1, 0)}${run(-1, 0, 0, 1)}${run(0, -1, -1, 0)}z`;
}
