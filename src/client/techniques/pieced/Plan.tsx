import { Link } from 'react-router';
import { Pencil } from '../../parts/Pencil';
import type { StageProps } from '../registry';
import { reckonPath } from '../reckonPath';
import { ClothFromDrawer } from '../shared/ClothFromDrawer';
import { ClothLookFields } from '../shared/ClothFields';
import { Drawings } from '../shared/Drawings';
import { usePlot } from '../samples/usePlot';
import { isPredicted, type Pieced } from './answer';
import { layouts } from './layouts';
import { PieceFields, PieceFolds } from './PieceFields';
import { RangeBar } from './RangeBar';
import { ToCut } from './ToCut';
import { TurnedLine } from './TurnedLine';

/** Plan: say the piece and what is set, see what it likely comes to, and what to cut for that. */
export function Plan({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Pieced | null;
  const layout = layouts[technique.name]!;
  const plot = usePlot(technique.family ? working : null).data;
  const labels = technique.fields
    .filter((f) => reckoning.missing.includes(f.name))
    .map((f) => f.label.toLowerCase());
  return (
    <>
      <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-5">
          <PieceFields
            technique={technique}
            layout={layout}
            ask={working.ask}
            set={working.set}
            reckoning={reckoning}
            units={units}
          />
          <Drawings answer={answer} cloth={working.cloth} units={units} />
          {!answer && (
            <div className="sheet text-soft">
              <p className="fig mb-1 text-2xl text-ink">
                {reckoning.missing.includes(layout.first.field)
                  ? layout.first.question
                  : `Still to say: ${labels.join(', ') || 'what is marked above'}.`}
              </p>
              <p>{layout.first.says}</p>
            </div>
          )}
          <PieceFolds
            technique={technique}
            layout={layout}
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
        </div>
        <aside className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer && (
            <ToCut answer={answer} isOld={reckoning.isOld}>
              <div className="no-print mt-4 flex flex-wrap gap-2">
                <Link className="btn" to={`/workings/${working.id}/set-up`}>
                  Set up the machine
                </Link>
              </div>
            </ToCut>
          )}
          {answer && isPredicted(answer) && (
            <RangeBar
              range={answer.fullness}
              restsOn={answer.restsOn}
              measured={plot?.points.filter((p) => p.isSame && p.counts)}
              wanted={technique.family === 'elastic' ? Number(working.ask.fullness) : undefined}
            />
          )}
          <TurnedLine
            path={reckonPath(technique.name, working.id)}
            layout={layout}
            ask={working.ask}
            units={units}
            use={working.set}
          />
        </aside>
      </div>
      <div className="mt-5">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}
