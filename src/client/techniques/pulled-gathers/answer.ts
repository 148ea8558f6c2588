import type { Answer, Length } from '../../api/types';
import type { SwatchPlan } from '../samples/answer';

/** The figures of the straight answer, by their names in the API. */
export type Gathers = Answer & {
  flatEdge: Length;
  stripCount: number;
  stripLength: Length;
  sewnFlat: Length;
  achievedFullness: number;
  cutDepth: Length;
  clothLength: Length;
  clothToBuy: Length;
  stripsAcross?: number;
  joins: number;
  segments: number;
  segmentFlat: Length;
  segmentGathered: Length;
  rowOffsets: Length[];
  rowsRemoved: number;
  threadPerRow: Length;
  threadPerSide: Length;
  threadTotal: Length;
  seamBulk: Length;
  marks: { strip: Length; fromCutEnd: Length; edge: Length }[];
  swatch: SwatchPlan;
  suggested?: { low: number; middle: number; high: number; because: string };
};

/** What the cloth there is allows. */
export type ClothAllows = Answer & {
  greatestFullness?: number;
  longestEdge?: Length;
  stripCount: number;
  flatEdge: Length;
  clothLeft: Length;
};

/** The two figures of a size with one unit where they share it: 117 × 31.5 cm. */
export function size(a: Length, b: Length): { figures: string; unit: string } {
  const [, unitA] = split(a.text);
  const [figureB, unitB] = split(b.text);
  return unitA === unitB && !a.text.includes('yd')
    ? { figures: `${split(a.text)[0]} × ${figureB}`, unit: unitA }
    : { figures: `${a.text} × ${b.text}`, unit: '' };
}

function split(text: string): [string, string] {
  const place = text.lastIndexOf(' ');
  return [text.slice(0, place), text.slice(place + 1)];
}
