import { Link } from 'react-router';
import { useShort } from '../../app/useShort';
import { Measure } from '../../parts/Measure';

/** What the workings in hand need more of than is left; nothing where all is there. */
export function RunsShort() {
  const short = useShort();
  if (short.length === 0) return null;
  return (
    <section className="sheet" aria-label="What runs short">
      <h2>What runs short</h2>
      <ul className="mt-1 grid gap-2">
        {short.map((thing) => (
          <li key={thing.id}>
            <Link to={`/drawer/thing/${thing.id}`}>{thing.name}</Link>:{' '}
            <b>
              buy <Measure text={thing.buy} />
            </b>
            <span className="block text-sm">
              <Measure text={thing.needed} /> still to take, <Measure text={thing.left} /> there, for{' '}
              {thing.for.join(' and ')}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
