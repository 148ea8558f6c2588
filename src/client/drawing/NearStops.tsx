import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import type { Cloth, Drawing } from '../api/types';
import { NearView } from './NearView';

/** The places of a drawing from near, one after another. */
export function NearStops({
  drawing,
  cloth,
  width,
}: {
  drawing: Drawing;
  cloth: Cloth | undefined;
  width: number;
}) {
  const [chosen, setChosen] = useState(0);
  const at = Math.min(chosen, drawing.nears.length - 1);
  const near = drawing.nears[at]!;
  return (
    <section aria-label="Close-up" className="no-print">
      <div className="mb-1 flex items-center gap-2">
        <h2>Close-up</h2>
        <button
          type="button"
          className="grid size-11 place-items-center rounded-lg"
          aria-label="Previous spot"
          disabled={at === 0}
          onClick={() => setChosen(at - 1)}
        >
          <ChevronLeft aria-hidden />
        </button>
        <input
          type="range"
          className="min-w-24 flex-1"
          aria-label="Choose a spot"
          aria-valuetext={near.label}
          min={0}
          max={drawing.nears.length - 1}
          value={at}
          onChange={(e) => setChosen(Number(e.target.value))}
        />
        <button
          type="button"
          className="grid size-11 place-items-center rounded-lg"
          aria-label="Next spot"
          disabled={at === drawing.nears.length - 1}
          onClick={() => setChosen(at + 1)}
        >
          <ChevronRight aria-hidden />
        </button>
      </div>
      <NearView drawing={drawing} near={near} cloth={cloth} width={width} height={Math.min(300, width)} />
    </section>
  );
}
