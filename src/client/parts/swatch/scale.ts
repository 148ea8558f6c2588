import { scaleLinear } from 'd3-scale';
import type { Likely } from '../../api/types';

/** How something that is learnt is written and drawn. */
export type Quantity = {
  title: string;
  unit: string;
  places: number;
  least: number;
  most: number;
  step: number;
  wanted?: number | null;
};

/** A figure of what is learnt, with as many places as it is written with. */
export const said = (figure: number, { places }: Pick<Quantity, 'places'>) => figure.toFixed(places);

/** The scale of what is learnt: from its usual least to its usual most, or as far as the figures reach. */
export function scaleOf({ least, most, step }: Quantity, figures: number[]) {
  const reach = (edge: number, outward: number) =>
    Math.round(outward * Math.ceil((outward * edge) / step) * step * 1e6) / 1e6;
  const widest = most + (most - least) / 3;
  const high = Math.min(widest, Math.max(most, ...figures));
  const low = Math.max(least - (most - least) / 3, Math.min(least, ...figures));
  return scaleLinear()
    .domain([low < least ? reach(low, -1) : least, high > most ? reach(high, 1) : most])
    .range([0, 100])
    .clamp(true);
}

/** The figures of ranges that a scale has to hold. */
export const ends = (ranges: Likely[]) => ranges.flatMap((r) => [r.low, r.high]);
