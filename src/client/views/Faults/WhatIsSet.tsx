import type { Asked } from '../../app/faults';

/** What bears on a cause and is in no plan: how long the needle has sewn, and what the dial stands at. */
const figures = [
  { name: 'needleHours', label: 'Hours sewn with this needle', hint: 'About eight blunt it.' },
  { name: 'tensionSteps', label: 'Needle tension off the settings', hint: 'Steps; −1 is one looser.' },
];

/** What she knows beside the plan. */
export function WhatIsSet({
  setUp,
  set,
  hasElastic,
}: {
  setUp: Asked['setUp'];
  set: (setUp: Asked['setUp']) => void;
  /** Whether elastic is sewn in. */
  hasElastic: boolean;
}) {
  const put = (name: string, value: number | boolean | undefined) => {
    const rest = Object.entries(setUp).filter(([n]) => n !== name);
    set(Object.fromEntries(value === undefined ? rest : [...rest, [name, value]]) as Asked['setUp']);
  };
  return (
    <details className="sheet">
      <summary className="min-h-11 content-center font-bold">What you know beside that</summary>
      <div className="grid gap-3">
        {figures.map(({ name, label, hint }) => (
          <label key={name} className="field">
            {label}
            <input
              type="number"
              inputMode="decimal"
              step="any"
              className="entry w-28"
              min={name === 'needleHours' ? 0 : -9}
              max={name === 'needleHours' ? 200 : 9}
              defaultValue={setUp[name] as number | undefined}
              onChange={(e) => {
                const is = e.target.valueAsNumber;
                put(name, Number.isFinite(is) && e.target.validity.valid ? is : undefined);
              }}
            />
            <span className="text-[0.88rem] font-normal text-soft">{hint}</span>
          </label>
        ))}
        {hasElastic && (
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={setUp.elasticInSlot === true}
              onChange={(e) => put('elasticInSlot', e.target.checked || undefined)}
            />
            The elastic lies in its tension slot
          </label>
        )}
      </div>
    </details>
  );
}
