import type { Answer, Length } from '../../api/types';

/** What a swatch says. */
export type SwatchSays = Answer & {
  fullness: number;
  low: number;
  high: number;
  flatSpread: Length;
  gatheredSpread: Length;
  fromTarget: number;
  steamedFullness?: number;
  spring?: number;
  readings: { kind: string; count: number; mean: Length; spread: Length }[];
  flatForEdge?: Length;
  flatGiveOrTake?: Length;
  firstChange?: { seen: string; change: string; because: string; left: number };
};

/** How to cut and mark a swatch. */
export type SwatchPlan = { markedFlat: Length; cutLength: Length; cutDepth: Length; gathersTo: Length };
