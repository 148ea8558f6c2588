import type { CardAnswer } from '../api/types';
import { Measure } from './Measure';

/** What the card says to set, in a few words a line: so that the step where it is set needs no other room. */
export function SetOnCard({ card }: { card: CardAnswer | null | undefined }) {
  if (!card?.isPossible) return null;
  return (
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
  );
}
