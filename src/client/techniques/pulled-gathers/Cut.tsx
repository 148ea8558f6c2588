import type { Ask } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { Frozen } from '../cut/Frozen';
import { NothingToCut } from '../cut/NothingToCut';
import { SinceCut } from '../cut/SinceCut';
import { useCutLists } from '../cut/useCutLists';
import type { StageProps } from '../registry';
import type { Gathers } from './answer';
import { CutSheet } from './CutSheet';
import { Drawings } from '../shared/Drawings';
import { MarksTable } from './MarksTable';
import { ToCut } from './ToCut';

/** Cut: strips, cloth, layout, the marks of both edges, and the freezing of it all. */
export function Cut({ working, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Gathers | null;
  const cuts = useCutLists(working.id, units);
  if (!answer) return <NothingToCut working={working.id} />;
  const last = cuts.lists?.[0];
  return (
    <>
      <div className="no-print grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-6">
          {last && (
            <SinceCut
              working={working.id}
              then={last.ask as Ask}
              now={working.ask}
              units={units}
              cutAt={last.cutAt}
            />
          )}
          <Drawings answer={answer} cloth={working.cloth} units={units} only={['layout', 'edges']} />
          <MarksTable answer={answer} closed={working.ask.closed === true} />
        </div>
        <aside className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <ToCut
            answer={answer}
            isOld={reckoning.isOld}
            there={working.ask.clothAtHand as string | undefined}
          >
            <p className="mt-3 text-sm text-soft">
              Wind {answer.rowOffsets.length} × <Measure text={answer.threadPerRow.text} /> of strong thread
              on the bobbin; with the needle thread and 15 % to spare{' '}
              <Measure text={answer.threadTotal.text} /> in all.
            </p>
            <Frozen
              working={working.id}
              cuts={cuts}
              isOff={reckoning.isOld || answer.findings.some((f) => f.severity === 'stop')}
            />
          </ToCut>
        </aside>
      </div>
      <CutSheet answer={answer} working={working} />
    </>
  );
}
