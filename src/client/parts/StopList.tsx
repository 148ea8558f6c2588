import type { Step, Stop } from '../api/types';

/** The stops of a step, so that they can be sewn from paper: stitches, needle, turn. */
export function StopList({ step }: { step: Step }) {
  if (step.stops.length === 0) return null;
  return (
    <table className="stops">
      <thead>
        <tr>
          <th scope="col">Stop</th>
          <th scope="col">After stitches</th>
          <th scope="col">Needle</th>
          <th scope="col">Turn the cloth</th>
        </tr>
      </thead>
      <tbody>
        {step.stops.map((stop, i) => (
          <tr key={i}>
            <td>{stop.turn ? i + 1 : 'end'}</td>
            <td className="fig">{stop.stitches}</td>
            <td>{stop.needle}</td>
            <td>{turnOf(stop)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How far the cloth is turned, with the way round. */
export const turnOf = ({ turn }: Stop) =>
  turn ? `${turn > 0 ? '↻' : '↺'} ${Math.abs(turn).toFixed(0)}°` : '';
