import type { Step, Stop } from '../api/types';

/** The stops of a step, so that they can be sewn from paper: stitches, needle, turn, or what else is done there. */
export function StopList({ step }: { step: Step }) {
  if (step.stops.length === 0) return null;
  const { isStop, turns } = stopsOf(step);
  return (
    <table className="stops">
      <thead>
        <tr>
          <th scope="col">Stop</th>
          <th scope="col">After stitches</th>
          {turns && <th scope="col">Needle</th>}
          <th scope="col">{turns ? 'Turn the cloth' : 'Then'}</th>
        </tr>
      </thead>
      <tbody>
        {step.stops.map((stop, i) => (
          <tr key={i}>
            <td>{isStop(i) ? i + 1 : 'end'}</td>
            <td className="fig">{stop.stitches}</td>
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
  const isStop = (at: number) => (turns ? Boolean(stops[at]!.turn) : at < stops.length - 1);
  return { turns, isStop, stops: stops.filter((_, i) => isStop(i)).length };
}

/** How far the cloth is turned, with the way round. */
export const turnOf = ({ turn }: Stop) =>
  turn ? `${turn > 0 ? '↻' : '↺'} ${Math.abs(turn).toFixed(0)}°` : '';
