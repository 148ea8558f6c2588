import { useState } from 'react';
import type { WorkroomChange } from '../../app/workroom';
import { PageHead } from '../../app/PageHead';
import { useChangeWorkroom, useWorkroom } from '../../app/workroom';
import { Segmented } from '../../parts/Segmented';
import { Everything } from './Everything';
import { applyTheme, chosenTheme, type Theme } from './theme';

/** How this household measures and marks, and how the program looks. */
export function Workroom() {
  const workroom = useWorkroom().data;
  const change = useChangeWorkroom();
  const [theme, setTheme] = useState<Theme>(chosenTheme);
  if (!workroom) return <p className="p-8 text-soft">Opening…</p>;
  const set = (part: Partial<WorkroomChange>) => change.mutate(part);
  return (
    <>
      <PageHead title="Settings and backup" crumb="units, rounding, appearance, backup" />
      <div className="mt-5 grid max-w-4xl gap-5 md:grid-cols-2">
        <section className="sheet grid content-start gap-4">
          <h2>Units</h2>
          <Segmented
            label="Lengths are shown in"
            value={workroom.units}
            choices={[
              { name: 'metric', label: 'centimetres' },
              { name: 'imperial', label: 'inches' },
            ]}
            onChoose={(units) => set({ units })}
            hint="You can type either unit at any time: 92 cm, 36 1/2 in. Press u to switch."
          />
        </section>
        <section className="sheet grid content-start gap-4">
          <h2>Appearance</h2>
          <Segmented
            label="Theme"
            value={theme}
            choices={[
              { name: 'auto', label: 'automatic' },
              { name: 'light', label: 'light' },
              { name: 'dark', label: 'dark' },
            ]}
            onChoose={(name) => {
              setTheme(name);
              applyTheme(name);
            }}
            hint="Saved in this browser."
          />
        </section>
        <section className="sheet grid content-start gap-3">
          <h2>Measuring card</h2>
          <p className="text-soft">
            Printed at full size and laid beside a swatch, it lets the program measure in a photograph: rows,
            folds, strips, stitches.
          </p>
          <p className="flex flex-wrap gap-3">
            <a
              className="btn quiet"
              href="/api/measuring-card?as=pdf&paper=a4"
              target="_blank"
              rel="noreferrer"
            >
              Print on A4
            </a>
            <a
              className="btn quiet"
              href="/api/measuring-card?as=pdf&paper=letter"
              target="_blank"
              rel="noreferrer"
            >
              Print on Letter
            </a>
          </p>
        </section>
        <section className="sheet grid content-start gap-4">
          <h2>Rounding in centimetres</h2>
          <Segmented
            label="Round cutting sizes up to"
            value={String(workroom.metricCuttingMm)}
            choices={['1', '5', '10'].map((n) => ({ name: n, label: `${n} mm` }))}
            onChoose={(n) => set({ metricCuttingMm: Number(n) })}
          />
          <Segmented
            label="Round marks to the nearest"
            value={String(workroom.metricMarkingMm)}
            choices={[
              { name: '0.5', label: '½ mm' },
              { name: '1', label: '1 mm' },
            ]}
            onChoose={(n) => set({ metricMarkingMm: Number(n) })}
          />
        </section>
        <section className="sheet grid content-start gap-4">
          <h2>Rounding in inches</h2>
          <Segmented
            label="Round cutting sizes up to"
            value={String(workroom.imperialCuttingIn)}
            choices={[
              { name: '0.125', label: '⅛ in' },
              { name: '0.25', label: '¼ in' },
              { name: '0.5', label: '½ in' },
            ]}
            onChoose={(n) => set({ imperialCuttingIn: Number(n) })}
          />
          <Segmented
            label="Round marks to the nearest"
            value={String(workroom.imperialMarkingIn)}
            choices={[
              { name: '0.03125', label: '1/32 in' },
              { name: '0.0625', label: '1/16 in' },
              { name: '0.125', label: '⅛ in' },
            ]}
            onChoose={(n) => set({ imperialMarkingIn: Number(n) })}
          />
        </section>
        <Everything />
      </div>
    </>
  );
}
