import { Link } from 'react-router';
import type { components } from '../../api/schema';
import { Measure } from '../../parts/Measure';

/** What the workings in hand need more of than is left. */
export function RunsShort({ short }: { short: components['schemas']['BenchShort'][] }) {
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
