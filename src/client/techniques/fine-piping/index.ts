import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only fine piping has, as other covered cords: the ways to cut their strips, side by side. */
export const leaves: Leaves = {
  plan: later(async () => (await import('../../parts/cut/WaysToCut')).WaysToCut),
};
