import type { Exercise, Score } from './usePractice';
import { Facts } from '../../parts/Facts';

type Props = { exercise: Exercise; score: Score; again: () => void; next?: () => void };

/** What a try came to, and the one thing to try next. */
export function Verdict({ exercise, score, again, next }: Props) {
  const isSewn = exercise.of !== 'pull';
  const facts: [string, string][] = isSewn
    ? [
        ['Stitch', `${score.mean.toFixed(1)} mm; aim at ${exercise.stitch} mm`],
        ['Variation', `${Math.round(score.spread * 100)} %`],
        [
          exercise.of === 'corner'
            ? 'From the corner'
            : exercise.of === 'area'
              ? 'Average distance outside'
              : 'From the line',
          `${score.off.toFixed(1)} mm`,
        ],
        ['Hands', `${score.hand.toFixed(0)} mm a second`],
        ['Machine', `${score.machine.toFixed(0)} stitches a minute`],
        ['Too short, too long', `${score.piles}, ${score.jumps}`],
      ]
    : [['Parts differ by', `${Math.round(score.spread * 100)} %`]];
  return (
    <section className="tacked" aria-label="Your result" aria-live="polite">
      <h2 className="text-soft">Your result</h2>
      <p className="flex items-baseline gap-2">
        <span className="fig text-[2.6rem]">{Math.round(score.points)}</span>
        <span className="text-soft">of 100</span>
      </p>
      <Facts of={facts.map(([name, text]) => ({ name, text }))} />
      <div className="care mt-3">
        <b className="block">One thing to try next</b>
        {score.next}
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={again}>
          {score.runAt > 0 ? `Again, at ${score.runAt}` : 'Again'}
        </button>
        {next && (
          <button type="button" className="btn quiet" onClick={next}>
            The next exercise
          </button>
        )}
      </div>
    </section>
  );
}
