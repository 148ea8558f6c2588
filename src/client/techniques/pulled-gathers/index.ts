import type { TechniqueParts } from '../registry';
import { Cut } from './Cut';
import { Plan } from './Plan';
import { Reckoner } from './Reckoner';
import { Sample } from '../samples/Sample';

export const pulledGathers: TechniqueParts = {
  Plan,
  Sample,
  Cut,
  Reckoner,
  learns: false,
  begin: 'Gather by pulled threads',
  short: 'Pulled threads',
};
