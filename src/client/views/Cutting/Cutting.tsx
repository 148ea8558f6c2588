import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { OneFabric } from './OneFabric';
import { cuttingQuery } from './useLayout';

/** The cutting table: everything of a project that is still to be cut, on the fabrics there are. */
export function Cutting() {
  const { id = '' } = useParams();
  const units = useUnits();
  const table = useQuery(cuttingQuery(id, units));
  const back = (
    <Link className="btn quiet" to={`/#${id}`}>
      Back to Projects
    </Link>
  );
  if (table.isError)
    return (
      <>
        <PageHead title="Cutting table" />
        <p className="sheet mt-4 max-w-lg">There is no such project. {back}</p>
      </>
    );
  const { name, fabrics, unsaid } = table.data ?? { name: '', fabrics: [], unsaid: [] };
  return (
    <>
      <PageHead title="Cutting table" crumb={name} />
      {!table.data && <p className="mt-4 text-soft">Laying out…</p>}
      {table.data && fabrics.length === 0 && (
        <div className="sheet mt-4 max-w-lg">
          <p className="mb-3">
            Everything is cut. What a part needs appears here as soon as its plan says what to cut.
          </p>
          {back}
        </div>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-8">
        {fabrics.map((fabric) => (
          <OneFabric key={fabric.key} project={id} first={fabric} units={units} />
        ))}
      </div>
      {unsaid.length > 0 && (
        <p className="noted mt-5">Not included yet, because a measurement is missing: {unsaid.join(', ')}.</p>
      )}
    </>
  );
}
