import { useState } from 'react';
import type { Fabric } from './useLayout';

/**
 * Which pieces of a layout are cut already, kept on this device for as long as the layout stays: at the table the screen goes dark,
 * and the page may be opened anew.
 */
export function useTicks(fabric: Fabric): [ReadonlySet<string>, (mark: string, isCut: boolean) => void] {
  const place = `cut ${fabric.key}`;
  const layout = fabric.order
    .map((p) => `${p.mark} ${p.on} ${p.fromEnd.text} ${p.fromSelvedge.text}`)
    .join(';');
  const [, look] = useState(0);
  const kept = read(place);
  const done = new Set(kept.layout === layout ? kept.done : []);
  const tick = (mark: string, isCut: boolean) => {
    if (isCut) done.add(mark);
    else done.delete(mark);
    localStorage.setItem(place, JSON.stringify({ layout, done: [...done] }));
    look((n) => n + 1);
  };
  return [done, tick];
}

function read(place: string): { layout: string; done: string[] } {
  try {
    return JSON.parse(localStorage.getItem(place) ?? '') as { layout: string; done: string[] };
  } catch {
    return { layout: '', done: [] };
  }
}
