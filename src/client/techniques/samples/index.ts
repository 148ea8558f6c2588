import { later } from '../../app/later';

/** The stage that every technique shares: swatches, what they say, and what to sew next. */
export const Sample = later(async () => (await import('./Sample')).Sample);
