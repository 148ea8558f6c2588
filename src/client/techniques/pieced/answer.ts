import type { Answer, Length } from '../../api/types';
import type { SwatchPlan } from '../samples/answer';

/** A predicted range: nineteen in twenty are fuller than low, nineteen in twenty less full than high. */
export type Range = { low: number; mid: number; high: number };

/** An answer that says what to cut as a list of pieces, and its other figures in words. */
export type Pieced = Answer & {
  pieces: { count: number; name: string; length: Length; depth?: Length }[];
  facts: { name: string; text: string }[];
  swatch: SwatchPlan;
};

/** One that rests on what samples say. */
export type Predicted = Pieced & {
  fullness: Range;
  evidence: number;
  restsOn: string;
  assurance: number;
  assuranceSays: string;
  nextSample: { says: string; lessens: number };
  setting?: { stitchLength: Length; fullness: number; reaches: boolean };
  expectedSurplus?: Length;
  surplusLow?: Length;
  surplusHigh?: Length;
  cutLength?: Length;
};

/** Whether an answer comes with a prediction. */
export function isPredicted(answer: Answer): answer is Predicted {
  return typeof (answer as Predicted).fullness === 'object';
}
