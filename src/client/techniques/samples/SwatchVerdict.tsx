import { Measure } from '../../parts/Measure';
import type { SwatchSays } from './answer';

/** The fullness a swatch came to, how sure that is, and what it means for the real edge. */
export function SwatchVerdict({
  says,
  planned,
  expected,
  steams,
  plan,
}: {
  says: SwatchSays;
  /** What it is held against; missing where nothing was planned. */
  planned: number | undefined;
  /** Whether the figure it is held against was predicted, not planned. */
  expected?: boolean;
  /** Whether what counts is the reading after steam, where there is one. */
  steams?: boolean;
  /** Takes the fullness into the plan; missing where the plan does not say one. */
  plan?: (fullness: number) => void;
}) {
  const percent = Math.round(Math.abs(says.fromTarget) * 100);
  const rounded = Math.round(says.fullness * 100) / 100;
  return (
    <div className="rounded-md bg-ground p-3" aria-live="polite">
      <p className="flex items-baseline gap-2">
        <span className="fig text-[2.2rem]">{says.fullness.toFixed(2)}</span>
        <span className="text-soft">times full</span>
      </p>
      <p className="text-[0.92rem]">
        {planned !== undefined && `${comparison(says, planned, expected, steams)}; `}
        sure to {says.low.toFixed(2)}–{says.high.toFixed(2)}.
      </p>
      {says.flatForEdge && (
        <p className="text-[0.92rem]">
          Your edge would take{' '}
          <b>
            <Measure text={says.flatForEdge.text} />
          </b>{' '}
          flat, give or take <Measure text={says.flatGiveOrTake!.text} />.
        </p>
      )}
      {says.steamedFullness !== undefined && (
        <p className="text-[0.92rem]">After steam {says.steamedFullness.toFixed(2)}.</p>
      )}
      {says.spring !== undefined && (
        <p className="text-[0.92rem]">It stretches out to {says.spring.toFixed(2)} times its length.</p>
      )}
      {plan && percent > 0 && rounded >= 1 && rounded <= 6 && (
        <button type="button" className="btn bare !px-0" onClick={() => plan(rounded)}>
          Plan {rounded} instead
        </button>
      )}
    </div>
  );
}

function comparison(
  says: SwatchSays,
  planned: number,
  expected: boolean | undefined,
  steams: boolean | undefined,
) {
  // What is predicted for elastic is how it sits after steam.
  const is = steams && says.steamedFullness !== undefined ? says.steamedFullness : says.fullness;
  const percent = Math.round(Math.abs(is / planned - 1) * 100);
  const held = expected ? 'predicted' : 'planned';
  const after = is === says.fullness ? '' : 'After steam ';
  if (percent === 0) return after ? `${after}just as ${held}` : `Just as ${held}`;
  return `${after}${percent} % ${is > planned ? 'fuller' : 'scanter'} than the ${held} ${Math.round(planned * 100) / 100}`;
}
