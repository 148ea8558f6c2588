import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, value } from '../../api/http';
import { useKinds } from '../../app/drawer';
import { useUnits } from '../../app/workroom';
import { Measure } from '../../parts/Measure';
import { inDays } from '../../app/dates';

/** What a project takes in all: thing by thing, against what is there and what is cut already. */
export function ProjectTotal({ project, name }: { project: string; name: string }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="inline-flex min-h-11 items-center font-semibold">
        Materials for the whole project
      </summary>
      {isOpen && <Lines project={project} name={name} />}
    </details>
  );
}

function Lines({ project, name }: { project: string; name: string }) {
  const units = useUnits();
  const kinds = useKinds().data;
  const total = useQuery({
    queryKey: ['bench', 'total', project, units],
    queryFn: () =>
      value(api.GET('/api/projects/{id}/total', { params: { path: { id: project }, query: { units } } })),
  }).data;
  if (!total) return <p className="text-soft">Adding up…</p>;
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[0.95rem]" aria-label={`What ${name} takes in all`}>
        <thead className="text-left text-soft">
          <tr>
            {['Item', 'Total', 'Still needed', 'You have', 'To buy', 'For'].map((head) => (
              <th key={head} scope="col" className="pr-4 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {total.lines.map((line) => (
            <tr key={line.kind + (line.thing ?? line.name)} className="border-t border-rule align-top">
              <th scope="row" className="py-1.5 pr-4 text-left">
                {line.thing ? <Link to={`/supplies/thing/${line.thing}`}>{line.name}</Link> : line.name}
                {line.name !== line.kind && (
                  <span className="block text-sm font-normal text-soft">
                    {kinds?.find((k) => k.name === line.kind)?.title ?? line.kind}
                  </span>
                )}
              </th>
              <td className="py-1.5 pr-4 whitespace-nowrap">
                <Measure text={line.needed.text} />
              </td>
              <td className="py-1.5 pr-4 whitespace-nowrap">
                {line.still.mm > 0 ? (
                  <b>
                    <Measure text={line.still.text} />
                  </b>
                ) : (
                  '✓ already cut'
                )}
              </td>
              <td className="py-1.5 pr-4 whitespace-nowrap">
                {line.left ? (
                  <Measure text={line.left.text} />
                ) : (
                  <span className="text-soft">not entered</span>
                )}
              </td>
              <td className="py-1.5 pr-4 whitespace-nowrap">
                {line.buy && (
                  <b className="rounded bg-chalk px-1.5 text-on-chalk">
                    <Measure text={line.buy} />
                  </b>
                )}
              </td>
              <td className="py-1.5 text-soft">{line.for.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">
        {total.by && `Needed by ${inDays(total.by, units)}. `}
        {total.unsaid.length > 0 &&
          `Not included yet, because a measurement is missing: ${total.unsaid.join(', ')}.`}
      </p>
    </div>
  );
}
