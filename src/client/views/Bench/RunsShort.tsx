import { Link } from 'react-router';
import type { components } from '../../api/schema';
import { Measure } from '../../parts/Measure';

/** What the workings in hand need more of than is left. */
export function RunsShort({ short }: { short: components['schemas']['BenchShort'][] }) {
  return (
    <section className="care" aria-label="What runs short">
      <b className="block text-[1.05rem]">What runs short</b>
      <ul>
        {short.map((thing) => (
          <li key={thing.id}>
            <Link to={`/drawer/thing/${thing.id}`}>{thing.name}</Link>: <Measure text={thing.needed} />{' '}
            needed, <Measure text={thing.left} /> left, for {thing.for.join(' and ')}.
          </li>
        ))}
      </ul>
    </section>
  );
}
