import type { Leaves } from '../leaves';
import { ThreadOnCloth } from './ThreadOnCloth';

/** What only darning has: the nearest threads, seen on the cloth. */
export const leaves: Leaves = { plan: ThreadOnCloth };
