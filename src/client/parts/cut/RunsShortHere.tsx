import { Link } from 'react-router';
import { useShort } from '../../app/useShort';
import { Measure } from '../Measure';

/** What this piece takes and the shelf has not enough of, with what to buy; nothing where all is there. */
export function RunsShortHere({ name }: { name: string }) {
  const short = useShort().filter((thing) => thing.for.includes(name));
  return short.map((thing) => (
    <p key={thing.id} className="care no-print mt-3">
      <Link to={`/supplies/thing/${thing.id}`}>{thing.name}</Link> not enough:{' '}
      <b>
        buy <Measure text={thing.buy} />
      </b>
    </p>
  ));
}
