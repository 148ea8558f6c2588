import type { TechniqueParts } from '../registry';
import { Cut } from './Cut';
import { Plan } from './Plan';
import { Reckoner } from './Reckoner';
import { Sample } from './Sample';

export const pulledGathers: TechniqueParts = { Plan, Sample, Cut, Reckoner };
