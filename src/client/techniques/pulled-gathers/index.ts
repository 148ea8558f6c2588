import { later } from '../../app/later';
import type { Leaves } from '../leaves';
import { FullnessControl } from './FullnessControl';
import { RowsChoice } from './RowsChoice';

/** What only gathers by pulled threads have: the wave, the pictures of the rows, and, once it is cut, the places of the marks. */
export const leaves: Leaves = {
  fields: { fullness: FullnessControl, rows: RowsChoice },
  cut: later(async () => (await import('./MarksTable')).MarksTable),
  sheet: later(async () => (await import('./MarksSheet')).MarksSheet),
};
