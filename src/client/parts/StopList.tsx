import type { Step, Stop } from '../api/types';

/** The stops of a step, so that they can be sewn from paper: stitches, needle, turn, or what else is done there. */
export function StopList({ step }: { step: Step }) {
  if (step.stops.length === 0) return null;
  const { isStop, turns, counts } = stopsOf(step);
  return (
    <table className="stops">
      <thead>
        <tr>
          <th scope="col">Stop</th>
          {counts && <th scope="col">After stitches</th>}
          {turns && <th scope="col">Needle</th>}
          <th scope="col">{turns ? 'Turn the fabric' : 'Then'}</th>
        </tr>
      </thead>
      <tbody>
        {step.stops.map((stop, i) => (
          <tr key={i}>
            <td>{isStop(i) ? i + 1 : 'end'}</td>
            {counts && <td className="fig">{stop.stitches}</td>}
            {turns && <td>{stop.needle}</td>}
            <td>{turns ? turnOf(stop) : stop.says}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How many stops there are before the end, and whether the cloth is turned at them; where it never is, something else is done at each. */
export function stopsOf({ stops }: Step) {
  const turns = stops.some((s) => s.turn);
  // Where nothing is counted, as row by row, each is a place of its own; else the last one is the end.
  const counts = stops.some((s) => s.stitches);
  const isStop = (at: number) => (turns ? Boolean(stops[at]!.turn) : !counts || at < stops.length - 1);
  return { turns, counts, isStop, stops: stops.filter((_, i) => isStop(i)).length };
}

/** How far the cloth is turned, with the way round. */
export const turnOf = ({ turn }: Stop) =>
  turn ? `${turn > 0 ? '↻' : '↺'} ${Math.abs(turn).toFixed(0)}°` : '';
