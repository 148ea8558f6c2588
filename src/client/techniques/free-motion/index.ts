import type { Leaves } from '../leaves';
import { PracticePace } from './PracticePace';

export const leaves: Leaves = { plan: PracticePace };
