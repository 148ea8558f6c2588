import { Sample } from '../samples/Sample';
import { Cut } from './Cut';
import { Plan } from './Plan';
import { Reckoner } from './Reckoner';

/** The stages of every technique whose answer is a list of pieces. */
export const pieced = { Plan, Sample, Cut, Reckoner };
