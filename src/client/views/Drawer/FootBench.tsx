import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { post } from '../../api/http';
import type { Drawing, Units } from '../../api/types';
import { FootSole } from '../../drawing/FootSole';

/** The sole to scale: edges, opening and grooves are pulled; the swing of a stitch is drawn in. */
export function FootBench({
  properties,
  units,
  set,
  label,
}: {
  properties: Record<string, unknown>;
  units: Units;
  set: (field: string, value: unknown) => void;
  label: (field: string) => string;
}) {
  const [swing, setSwing] = useState(5);
  const ask = { ...properties, swing };
  const drawing = useQuery({
    queryKey: ['sole', ask, units],
    placeholderData: (last) => last,
    retry: false,
    queryFn: () => post<Drawing>('drawer/foot/drawing', ask, { units }),
  }).data;
  return (
    <section className="sheet" aria-label="The foot from below">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2>The foot from below</h2>
        <p className="text-sm text-soft">Drag the dots or use the arrow keys. Dashed = unknown.</p>
      </div>
      <div className="grid place-items-center overflow-x-auto py-3">
        {drawing && (
          <FootSole
            drawing={drawing}
            scale={Math.min(11, (Math.min(innerWidth, 760) - 150) / drawing.width)}
            pull={(field, mm) => set(field, `${mm} mm`)}
            label={label}
          />
        )}
      </div>
      <label className="flex flex-wrap items-center gap-3 text-sm text-soft">
        Needle swing shown: {swing} mm
        <input
          type="range"
          className="min-h-11 w-56"
          min={0}
          max={9}
          step={0.5}
          value={swing}
          onChange={(e) => setSwing(Number(e.target.value))}
        />
      </label>
    </section>
  );
}
