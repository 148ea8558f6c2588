import { WaysToCut } from '../../parts/cut/WaysToCut';
import type { Leaves } from '../leaves';

/** What only fine piping has, as other covered cords: the ways to cut their strips, side by side. */
export const leaves: Leaves = { plan: WaysToCut };
