import { later } from '../../later';
import type { Leaves } from '../leaves';

/** What only gathers by pulled threads have: the wave, the pictures of the rows, and, once it is cut, the places of the marks. */
export const leaves: Leaves = {
  fields: {
    fullness: later(async () => (await import('./FullnessControl')).FullnessControl),
    rows: later(async () => (await import('./RowsChoice')).RowsChoice),
  },
  cut: later(async () => (await import('./MarksTable')).MarksTable),
  sheet: later(async () => (await import('./MarksSheet')).MarksSheet),
};
