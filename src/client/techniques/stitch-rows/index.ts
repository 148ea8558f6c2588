import type { Leaves } from '../leaves';
import { RowList } from './RowList';

/** What only rows have: how each of them is set, where it begins and how many repeats it holds. */
export const leaves: Leaves = { plan: RowList, cut: RowList, sheet: RowList };
