import { ChevronDown } from 'lucide-react';
import { useNavigate, useParams } from 'react-router';
import type { Drawing } from '../../api/types';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { useTechnique, useTechniques } from '../../app/useTechnique';
import { Portrait } from '../../drawing/Portrait';
import { TechniqueMenu } from '../../parts/TechniqueMenu';
import { Reckon } from './Reckon';

const opening = <p className="text-soft">Opening…</p>;

/** Any one calculation at once, nothing saved: for standing in a fabric shop with a telephone. */
export function Reckoner() {
  const { technique: asked } = useParams();
  const navigate = useNavigate();
  const units = useUnits();
  const techniques = useTechniques().data;
  const name = asked ?? techniques?.[0]?.name;
  const technique = useTechnique(name).data;
  const listed = techniques?.find((t) => t.name === name);
  return (
    <>
      <PageHead
        title="Calculator"
        crumb={technique ? `${technique.title}; nothing is saved, the address holds it all` : ''}
      />
      <div className="no-print mt-2">
        <TechniqueMenu
          titleOf="short"
          choose={(chosen) => void navigate(`/calculator/${chosen}`)}
          unsure={() => void navigate('/calculator/which-way')}
        >
          <button type="button" className="btn quiet" disabled={!techniques}>
            {listed && (
              <span className="w-14" aria-hidden>
                <Portrait drawing={listed.mark as unknown as Drawing} />
              </span>
            )}
            {listed ? listed.short : 'Choose a technique'} <ChevronDown size={18} aria-hidden />
          </button>
        </TechniqueMenu>
      </div>
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
