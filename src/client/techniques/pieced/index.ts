import { later } from '../../app/later';
import { Sample } from '../samples';
import { Plan } from './Plan';

/** The stages of every technique whose answer is a list of pieces. */
export const pieced = {
  Plan,
  Sample,
  Cut: later(async () => (await import('./Cut')).Cut),
  Reckoner: later(async () => (await import('./Reckoner')).Reckoner),
};
