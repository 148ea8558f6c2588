import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only covered cords have: the ways to cut their strips, side by side. */
export const leaves: Leaves = {
  plan: later(async () => (await import('../../parts/cut/WaysToCut')).WaysToCut),
};
