import { later } from '../../app/later';
import type { TechniqueParts } from '../registry';
import { Sample } from '../samples';
import { Plan } from './Plan';

export const pulledGathers: TechniqueParts = {
  Plan,
  Sample,
  Cut: later(async () => (await import('./Cut')).Cut),
  Reckoner: later(async () => (await import('./Reckoner')).Reckoner),
  learns: false,
  begin: 'Gather by pulled threads',
  short: 'Pulled threads',
};
