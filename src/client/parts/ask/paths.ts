import type { Ask, Field } from '../../api/types';

/** A figure within a list of groups, such as `path[2].radius`: the list, the place, the figure. */
const within = /^(\w+)\[(\d+)\]\.(\w+)$/;

/** The field that a path names, at whatever depth. */
export function fieldAt(fields: Field[], path: string): Field | undefined {
  const inner = within.exec(path);
  if (!inner) return fields.find((f) => f.name === path);
  return fields.find((f) => f.name === inner[1])?.fields?.find((f) => f.name === inner[3]);
}

/** What an ask says at a path. */
export function saidAt(ask: Ask, path: string): unknown {
  const inner = within.exec(path);
  if (!inner) return ask[path];
  return (ask[inner[1]!] as Ask[] | undefined)?.[Number(inner[2])]?.[inner[3]!];
}

/** Says something at paths: of a list the whole list is said anew, once. */
export function sayAt(
  ask: Ask,
  said: { field: string; to: unknown }[],
  set: (field: string, typed: unknown) => void,
) {
  const anew: Ask = {};
  for (const { field, to } of said) {
    const inner = within.exec(field);
    if (!inner) {
      anew[field] = to;
      continue;
    }
    const [, list, row, name] = inner as unknown as [string, string, string, string];
    const rows = (anew[list] ?? ask[list] ?? []) as Ask[];
    anew[list] = rows.map((r, i) => (i === Number(row) ? { ...r, [name]: to } : r));
  }
  for (const [field, to] of Object.entries(anew)) set(field, to);
}
