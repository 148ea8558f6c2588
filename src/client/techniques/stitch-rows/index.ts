import { later } from '../../later';
import type { Leaves } from '../leaves';

const RowList = later(async () => (await import('./RowList')).RowList);

/** What only rows have: how each of them is set, where it begins and how many repeats it holds. Beside the plan it is folded to a line. */
export const leaves: Leaves = {
  plan: later(async () => (await import('./RowList')).FoldedRowList),
  cut: RowList,
  sheet: RowList,
};
