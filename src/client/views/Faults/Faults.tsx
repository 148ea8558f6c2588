import { Link } from 'react-router';
import { useAddress } from '../../app/address';
import { PageHead } from '../../app/PageHead';
import { useWorking } from '../../app/useWorking';
import { useTechnique } from '../../app/useTechnique';
import { Finder } from './Finder';
import { findAlone, findOfPart, type Cured } from '../../app/faults';

/** What went wrong: what is seen, what may be behind it, and the one thing to try next. */
export function Faults() {
  const { address } = useAddress();
  const part = address.get('part');
  return part ? <OfPart key={part} id={part} /> : <Alone />;
}

function Alone() {
  return (
    <>
      <PageHead title="What went wrong?" crumb="say what you see, and try one thing at a time" />
      <Finder find={findAlone} />
    </>
  );
}

/** For a part the program knows what was set, and keeps what cured it. */
function OfPart({ id }: { id: string }) {
  const { address } = useAddress();
  const working = useWorking(id);
  const technique = useTechnique(working.row?.technique ?? '').data;
  const from = address.get('from') ?? 'sew';
  const swatch = address.get('swatch');
  const back = (
    <Link className="btn quiet" to={`/parts/${id}/${from}`}>
      Back to the part
    </Link>
  );
  if (working.failed)
    return (
      <>
        <PageHead title="What went wrong?" />
        <p className="sheet mt-4 max-w-lg">
          There is no such part. <Link to="/faults">Look without one</Link>
        </p>
      </>
    );
  if (!working.row) return <p className="p-8 text-soft">Opening…</p>;
  const keep = (cured: Cured) =>
    working.change({
      progress: {
        ...working.progress,
        cured: [
          ...(working.progress.cured ?? []),
          { ...cured, machine: working.uses.machine ?? null, swatch },
        ].slice(-60),
      },
    });
  return (
    <>
      <PageHead title="What went wrong?" crumb={working.name} />
      <Finder
        technique={working.row.technique}
        title={technique?.title}
        find={(body) => findOfPart(id, body)}
        keep={keep}
        back={back}
        before={working.progress.cured}
      />
    </>
  );
}
