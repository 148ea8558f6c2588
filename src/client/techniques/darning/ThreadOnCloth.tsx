import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { api, value } from '../../api/http';
import type { Cloth } from '../../api/types';
import { lookOf } from '../../drawing/cloth';
import { ClothPattern } from '../../drawing/ClothPattern';

/** The threads of the drawer that are nearest to the cloth, each drawn on it as the darn will be seen. */
export function ThreadOnCloth({ cloth }: { cloth: Cloth }) {
  const colour = cloth.colour ?? undefined;
  const nearest = useQuery({
    queryKey: ['nearest', colour],
    enabled: Boolean(colour),
    queryFn: () => value(api.GET('/api/drawer/nearest-threads', { params: { query: { colour } } })),
  }).data;
  return (
    <section className="sheet" aria-label="Thread on this fabric">
      <h2>Thread on this fabric</h2>
      {!colour && (
        <p className="text-sm text-soft">
          Enter the fabric’s colour below, or choose it from your supplies: the nearest thread is then shown
          here.
        </p>
      )}
      {nearest?.length === 0 && (
        <p className="text-sm text-soft">No thread of your supplies has a colour that is known.</p>
      )}
      <ol className="mt-2 grid gap-3">
        {nearest?.slice(0, 3).map((thread, i) => (
          <li key={thread.id} className="grid grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-3">
            <OnCloth cloth={cloth} thread={thread.colour} />
            <span className="min-w-0">
              <b className={`block break-words ${i === 0 ? 'text-[1.1rem]' : ''}`}>{thread.name}</b>
              <span className="text-[0.92rem] text-soft">
                {thread.seen}, {thread.difference.toFixed(1)} off
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A piece of the cloth with a darn in a thread's colour. */
function OnCloth({ cloth, thread }: { cloth: Cloth; thread: string }) {
  const id = useId();
  const lines = Array.from({ length: 13 }, (_, i) => 28 + i * 4);
  return (
    <svg viewBox="0 0 104 60" className="w-full rounded-md" aria-hidden>
      <defs>
        <ClothPattern id={id} look={lookOf(cloth)} repeat={20} />
      </defs>
      <rect width={104} height={60} fill={`url(#${id})`} />
      <g stroke={thread} strokeWidth={2.6} strokeLinecap="round">
        {lines.map((x) => (
          <path key={x} d={`M${x} 12V48`} />
        ))}
        {lines.slice(0, 9).map((x, i) => (
          <path key={`a${x}`} d={`M26 ${14 + i * 4}H78`} strokeDasharray="5 1.4" />
        ))}
      </g>
    </svg>
  );
}
