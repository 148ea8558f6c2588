import { Suspense, type ComponentProps } from 'react';
import { later } from '../../later';
import type { RangeBar } from './RangeBar';

// Scales are drawn only where swatches have taught something, and so come with the first range that there is.
const Bar = later(async () => (await import('./RangeBar')).RangeBar);

/** The range that is likely; its place is held until it is drawn. */
export const LikelyRange = (props: ComponentProps<typeof RangeBar>) => (
  <Suspense fallback={<div className="sheet min-h-[10.5rem]" aria-busy />}>
    <Bar {...props} />
  </Suspense>
);
