import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only free motion has: the pace that was practised. */
export const leaves: Leaves = { plan: later(async () => (await import('./PracticePace')).PracticePace) };
