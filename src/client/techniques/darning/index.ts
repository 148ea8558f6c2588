import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only darning has: the nearest threads, seen on the cloth. */
export const leaves: Leaves = { plan: later(async () => (await import('./ThreadOnCloth')).ThreadOnCloth) };
