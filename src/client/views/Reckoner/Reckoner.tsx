import { useParams } from 'react-router';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { techniques } from '../../techniques/registry';
import { useTechnique } from '../../techniques/useTechnique';

/** Any one calculation at once, nothing saved: for standing in a fabric shop with a telephone. */
export function Reckoner() {
  const { technique: name = 'pulled-gathers' } = useParams();
  const units = useUnits();
  const technique = useTechnique(name).data;
  const Parts = techniques[name];
  return (
    <>
      <PageHead
        title="Reckoner"
        crumb={technique ? `${technique.title}; nothing is saved, the address holds it all` : ''}
      />
      <div className="mt-4">
        {Parts && technique ? (
          <Parts.Reckoner technique={technique} units={units} />
        ) : (
          <p className="text-soft">Opening…</p>
        )}
      </div>
    </>
  );
}
