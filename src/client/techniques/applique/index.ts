import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only appliqué has: how the stitch lands in each corner, and the change that makes it land. */
export const leaves: Leaves = { plan: later(async () => (await import('./StitchFit')).StitchFit) };
