import { Link } from 'react-router';
import type { Technique } from '../../api/types';
import { Pencil } from '../../parts/Pencil';
import type { StageProps } from '../registry';
import type { Gathers } from './answer';
import { ClothAllowsLine } from './ClothAllowsLine';
import { ClothLookFields } from '../shared/ClothFields';
import { ClothFromDrawer } from '../shared/ClothFromDrawer';
import { Drawings } from '../shared/Drawings';
import { PlanFields } from './PlanFields';
import { ToCut } from './ToCut';

/** Plan: say the edge, see the piece, the cloth and what to cut. */
export function Plan({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Gathers | null;
  return (
    <>
      <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-5">
          <PlanFields
            technique={technique}
            ask={working.ask}
            set={working.set}
            reckoning={reckoning}
            units={units}
            clothName={working.cloth.name}
            clothLook={
              <>
                <ClothFromDrawer working={working} technique={technique} />
                <ClothLookFields
                  cloth={working.cloth}
                  change={(cloth) => working.change({ cloth }, 'pause')}
                />
              </>
            }
          />
          <Drawings answer={answer} cloth={working.cloth} units={units} />
          {!answer && <NothingYet technique={technique} missing={reckoning.missing} />}
        </div>
        <aside className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer && (
            <ToCut
              answer={answer}
              isOld={reckoning.isOld}
              there={working.ask.clothAtHand as string | undefined}
            >
              <div className="no-print mt-4 flex flex-wrap gap-2">
                <Link className="btn" to={`/workings/${working.id}/set-up`}>
                  Set up the machine
                </Link>
              </div>
            </ToCut>
          )}
          <ClothAllowsLine ask={working.ask} units={units} use={working.set} />
        </aside>
      </div>
      <div className="mt-5">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}

function NothingYet({ technique, missing }: { technique: Technique; missing: string[] }) {
  const labels = technique.fields.filter((f) => missing.includes(f.name)).map((f) => f.label.toLowerCase());
  const isNew = missing.includes('finishedEdge');
  return (
    <div className="sheet text-soft">
      <p className="fig mb-1 text-2xl text-ink">
        {isNew ? 'How long is the edge?' : `Still to say: ${labels.join(', ') || 'what is marked above'}.`}
      </p>
      <p>
        Measure the edge that the gathers go to, and type it as you would say it. The piece is drawn here as
        you type.
      </p>
    </div>
  );
}
