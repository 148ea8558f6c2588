import type { CardAnswer, Cure, Step } from '../api/types';
import { Findings } from './Findings';
import { Measure } from './Measure';

/** Whether the machine is set at this step: where it says so, else where it is first sewn. */
export const isSetAt = (step: Step, steps: Step[]) =>
  (steps.find((s) => s.key === 'set-up') ??
    steps.find((s) => s.sets.length > 0) ??
    steps.find((s) => s.place === 'machine')) === step;

/** What the card says to set, in a few words a line: so that the step where it is set needs no other room. */
export function SetOnCard({ card }: { card: CardAnswer | null | undefined }) {
  if (!card?.isPossible) return null;
  return (
    <>
      <Stops card={card} />
      <dl className="set-on-card" aria-label="Set on the machine">
        {card.lines
          .filter((l) => l.key !== 'hand-wheel')
          .map((line) => (
            <div key={line.key}>
              <dt>{line.setting}</dt>
              <dd>
                <Measure text={line.figure} />
                {line.dial && ` (${line.dial})`}
              </dd>
            </div>
          ))}
      </dl>
    </>
  );
}

/** What of the chosen machine, foot and needle must not be sewn with: it stands wherever they are to be set. */
export function Stops({ card, use }: { card: CardAnswer | null | undefined; use?: (cure: Cure) => void }) {
  return <Findings findings={(card?.findings ?? []).filter((f) => f.severity === 'stop')} use={use} />;
}
