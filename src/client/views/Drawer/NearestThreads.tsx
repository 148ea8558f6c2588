import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, value } from '../../api/http';
import type { Thing } from '../../app/drawer';

/** Which owned threads disappear in this cloth. */
export function NearestThreads({ cloth }: { cloth: Thing }) {
  const near = useQuery({
    queryKey: ['nearest', cloth.id, cloth.version],
    enabled: Boolean(cloth.properties.colour),
    queryFn: () => value(api.GET('/api/drawer/nearest-threads', { params: { query: { cloth: cloth.id } } })),
  }).data;
  if (!near?.length) return null;
  return (
    <section className="sheet" aria-label="Best matching threads">
      <h2>Best matching threads</h2>
      <ul className="mt-2 grid gap-2">
        {near.slice(0, 4).map((thread) => (
          <li key={thread.id} className="grid grid-cols-[44px_1fr_auto] items-center gap-3">
            <svg width={44} height={28} aria-hidden>
              <rect width={44} height={28} rx={4} fill={cloth.properties.colour as unknown as string} />
              <path d="M4 14H40" stroke={thread.colour} strokeWidth={5} strokeDasharray="9 3" />
            </svg>
            <Link to={`/supplies/thing/${thread.id}`}>{thread.name}</Link>
            <b className="text-sm">{thread.seen}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}
