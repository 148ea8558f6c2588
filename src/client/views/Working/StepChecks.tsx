import type { CardAnswer, Progress, Step } from '../../api/types';
import { Measure } from '../../parts/Measure';

type Props = { step: Step; progress: Progress; tick: (progress: Progress) => void; big?: boolean };

/** What to make sure of before the next step; each is ticked. */
export function StepChecks({ step, progress, tick, big }: Props) {
  const checked = progress.checked ?? [];
  return (
    <ul className="grid gap-1">
      {step.checks.map((check, i) => {
        const key = `${step.key}:${i}`;
        const on = checked.includes(key);
        return (
          <li key={key}>
            <label className={`flex min-h-11 items-center gap-3 ${big ? 'text-[1.25rem]' : ''}`}>
              <input
                type="checkbox"
                className={`shrink-0 ${big ? 'h-8 w-8' : 'h-6 w-6'}`}
                checked={on}
                onChange={() =>
                  tick({ ...progress, checked: on ? checked.filter((c) => c !== key) : [...checked, key] })
                }
              />
              {check}
            </label>
          </li>
        );
      })}
    </ul>
  );
}

const places = { table: 'cutting table', iron: 'ironing board', machine: 'sewing machine', hand: 'by hand' };

/** Where a step is done, about how long it takes, and what is set for it. */
export function StepFacts({ step, card, big }: { step: Step; card?: CardAnswer | null; big?: boolean }) {
  const words = [
    step.place && places[step.place],
    step.minutes !== undefined && `about ${step.minutes} min`,
    ...step.sets.map((set) => set + trueOn(set, card)),
  ].filter(Boolean);
  if (words.length === 0) return null;
  return (
    <p className={`text-soft ${big ? 'text-xl' : 'text-[0.92rem]'}`}>
      <Measure text={words.join(' · ')} />
    </p>
  );
}

/** What this machine's dial is set to for it, where that was measured. */
function trueOn(set: string, card?: CardAnswer | null) {
  const line = card?.lines.find(
    (l) => ['length', 'width'].includes(l.key) && l.dial.startsWith('set ') && set === `${l.key} ${l.figure}`,
  );
  return line ? ` (${line.dial})` : '';
}
