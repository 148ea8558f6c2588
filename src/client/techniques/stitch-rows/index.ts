import { createElement } from 'react';
import type { Leaves } from '../leaves';
import { RowList } from './RowList';

/** What only rows have: how each of them is set, where it begins and how many repeats it holds. Beside the plan it is folded to a line. */
export const leaves: Leaves = {
  plan: ({ answer }) => createElement(RowList, { answer, folded: true }),
  cut: RowList,
  sheet: RowList,
};
