import type { Ask } from '../api/types';

/** A field that two seats said at once: what the other one said is overruled by what was typed here. */
export type Overruled = { field: string; theirs: unknown; mine: unknown };

/**
 * What another seat said of the very fields that are typed here.
 * @param was The ask as both began from it.
 * @param theirs As the other seat left it.
 * @param mine What was typed here over it.
 */
export function overruled(was: Ask, theirs: Ask, mine: Ask): Overruled[] {
  const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);
  return Object.keys(mine)
    .filter((field) => !same(was[field], theirs[field]) && !same(theirs[field], mine[field]))
    .map((field) => ({ field, theirs: theirs[field] ?? null, mine: mine[field] ?? null }));
}
