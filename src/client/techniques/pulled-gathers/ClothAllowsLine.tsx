import type { Ask, Units } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { useReckoning } from '../useReckoning';
import type { ClothAllows } from './answer';

type Props = { ask: Ask; units: Units; use: (field: string, value: unknown) => void };

/** Turned round: what the cloth there is allows, with one press to take it. */
export function ClothAllowsLine({ ask, units, use }: Props) {
  const asked = ask.clothAtHand ? 'reckon/pulled-gathers/' : null;
  const fullness = useReckoning<ClothAllows>(asked && `${asked}fullness-from-cloth`, ask, units, '').answer;
  const edge = useReckoning<ClothAllows>(asked && `${asked}edge-from-cloth`, ask, units, '').answer;
  if (!ask.clothAtHand || !fullness?.greatestFullness || !edge?.longestEdge) return null;
  const most = Math.floor(Math.min(6, fullness.greatestFullness) * 100) / 100;
  return (
    <section className="no-print sheet text-[0.95rem]" aria-label="The cloth there is">
      <h2>The cloth there is allows</h2>
      <p className="mt-1 flex flex-wrap items-center gap-x-3">
        <span>
          a fullness of <b className="fig text-xl">{most.toFixed(2)}</b> on this edge
        </span>
        {most >= 1 && (
          <button type="button" className="btn bare ml-auto" onClick={() => use('fullness', most)}>
            Take it
          </button>
        )}
      </p>
      <p className="flex flex-wrap items-center gap-x-3">
        <span>
          or an edge of{' '}
          <b className="fig text-xl">
            <Measure text={edge.longestEdge.text} />
          </b>{' '}
          at this fullness
        </span>
        <button
          type="button"
          className="btn bare ml-auto"
          onClick={() => use('finishedEdge', edge.longestEdge!.text)}
        >
          Take it
        </button>
      </p>
    </section>
  );
}
