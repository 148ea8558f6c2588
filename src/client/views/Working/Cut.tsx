import { useState } from 'react';
import type { Plan } from '../../api/types';
import { Drawings } from '../../drawing/Drawings';
import { AskFields } from '../../parts/ask/AskFields';
import { Frozen } from '../../parts/cut/Frozen';
import { NothingToCut } from '../../parts/cut/NothingToCut';
import { ChangedSinceCut } from '../../parts/cut/SinceCut';
import { Remnants } from '../../parts/cut/Remnants';
import { RunsShortHere } from '../../parts/cut/RunsShortHere';
import { ToCut } from '../../parts/cut/ToCut';
import { WorkSheet } from '../../parts/cut/WorkSheet';
import { useCutLists } from '../../parts/cut/useCutLists';
import { GuidePaper } from '../../parts/GuidePaper';
import { LikelyRange } from '../../parts/swatch/LikelyRange';
import { leavesOf } from '../../techniques/leaves';
import type { StageProps } from './stage';

/** Cut: the pieces, how sure they are to be enough, where they lie, and the freezing of it all. */
export function Cut({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Plan | null;
  const cuts = useCutLists(working.id, units);
  const [leaves] = useState(() => leavesOf(technique.name));
  if (!answer) return <NothingToCut working={working.id} />;
  const { cut: Beside, sheet: Sheet } = leaves;
  return (
    <>
      <div className="no-print grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-6">
          <ChangedSinceCut working={working} units={units} />
          {answer.expected && <LikelyRange expected={answer.expected} />}
          <AskFields
            technique={technique}
            ask={working.ask}
            set={working.set}
            reckoning={reckoning}
            units={units}
            when={['cut']}
          />
          <Drawings answer={answer} cloth={working.cloth} units={units} forCutting />
          {Beside && <Beside answer={answer} ask={working.ask} />}
        </div>
        <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <ToCut answer={answer} technique={technique} isOld={reckoning.isOld}>
            <RunsShortHere name={working.name} />
            <Frozen
              working={working.id}
              cuts={cuts}
              units={units}
              isOff={reckoning.isOld || answer.findings.some((f) => f.severity === 'stop')}
            />
          </ToCut>
          <Remnants answer={answer} />
          {technique.hasGuide && working.row && (
            <GuidePaper
              working={working.id}
              version={working.row.version}
              units={units}
              hasLines={technique.hasLines}
            />
          )}
        </aside>
      </div>
      <WorkSheet answer={answer} working={working} technique={technique} units={units}>
        {Sheet && <Sheet answer={answer} ask={working.ask} />}
      </WorkSheet>
    </>
  );
}
