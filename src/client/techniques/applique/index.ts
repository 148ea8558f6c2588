import type { Leaves } from '../leaves';
import { StitchFit } from './StitchFit';

/** What only appliqué has: how the stitch lands in each corner, and the change that makes it land. */
export const leaves: Leaves = { plan: StitchFit };
