import { Link, useParams } from 'react-router';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { useTechnique, useTechniques } from '../../app/useTechnique';
import { Reckon } from './Reckon';

const opening = <p className="text-soft">Opening…</p>;

/** Any one calculation at once, nothing saved: for standing in a fabric shop with a telephone. */
export function Reckoner() {
  const { technique: asked } = useParams();
  const units = useUnits();
  const techniques = useTechniques().data;
  const name = asked ?? techniques?.[0]?.name;
  const technique = useTechnique(name).data;
  return (
    <>
      <PageHead
        title="Reckoner"
        crumb={technique ? `${technique.title}; nothing is saved, the address holds it all` : ''}
      />
      <nav className="no-print -mx-1 mt-2 flex gap-1 overflow-x-auto px-1 pb-1" aria-label="What to reckon">
        {techniques?.map(({ name: key, short }) => (
          <Link
            key={key}
            to={`/reckoner/${key}`}
            aria-current={key === name ? 'page' : undefined}
            className={`flex min-h-11 shrink-0 items-center rounded-lg px-3.5 font-semibold whitespace-nowrap no-underline ${key === name ? 'bg-ink text-paper' : 'bg-paper text-ink'}`}
          >
            {short}
          </Link>
        ))}
        <Link
          to="/reckoner/which-way"
          className="flex min-h-11 shrink-0 items-center rounded-lg px-3.5 font-semibold whitespace-nowrap"
        >
          Which way?
        </Link>
      </nav>
      <div className="mt-3">
        {technique && technique.name === name ? (
          <Reckon key={name} technique={technique} units={units} />
        ) : techniques?.every((t) => t.name !== name) ? (
          <p className="sheet">There is no such calculation. Choose one above.</p>
        ) : (
          opening
        )}
      </div>
    </>
  );
}
