import { Link } from 'react-router';
import { useShort } from '../../app/useShort';
import { Measure } from '../../parts/Measure';

/** What the workings in hand need more of than is left; nothing where all is there. */
export function RunsShort() {
  const short = useShort();
  if (short.length === 0) return null;
  return (
    <section className="sheet" aria-label="To buy">
      <h2>To buy</h2>
      <ul className="mt-1 grid gap-2">
        {short.map((thing) => (
          <li key={thing.id}>
            <Link to={`/supplies/thing/${thing.id}`}>{thing.name}</Link>:{' '}
            <b>
              buy <Measure text={thing.buy} />
            </b>
            <span className="block text-sm">
              needs <Measure text={thing.needed} />, you have <Measure text={thing.left} /> · for{' '}
              {thing.for.join(' and ')}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
