import type { Leaves } from '../leaves';
import { FullnessControl } from './FullnessControl';
import { MarksSheet } from './MarksSheet';
import { MarksTable } from './MarksTable';
import { RowsChoice } from './RowsChoice';

/** What only gathers by pulled threads have: the wave, the pictures of the rows, the places of the marks. */
export const leaves: Leaves = {
  fields: { fullness: FullnessControl, rows: RowsChoice },
  cut: MarksTable,
  sheet: MarksSheet,
};
