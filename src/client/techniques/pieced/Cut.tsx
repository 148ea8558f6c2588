import type { Ask, Length } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { Frozen } from '../cut/Frozen';
import { NothingToCut } from '../cut/NothingToCut';
import { SinceCut } from '../cut/SinceCut';
import { useCutLists } from '../cut/useCutLists';
import type { StageProps } from '../registry';
import { Drawings } from '../shared/Drawings';
import { isPredicted, type Pieced, type Predicted } from './answer';
import { RangeBar } from './RangeBar';
import { sure } from './sure';
import { ToCut } from './ToCut';
import { Segmented } from '../../parts/Segmented';

/** Cut: the pieces, how sure they are to be enough, what will likely be over, and the freezing of it all. */
export function Cut({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Pieced | null;
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
          {isPredicted(answer) && (
            <>
              <RangeBar range={answer.fullness} restsOn={answer.restsOn} />
              <HowSure answer={answer} elastic={technique.family === 'elastic'} working={working} />
            </>
          )}
          <Drawings
            answer={answer}
            cloth={working.cloth}
            units={units}
            only={['layout', 'edges', 'folds', 'flat']}
          />
        </div>
        <aside className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <ToCut answer={answer} isOld={reckoning.isOld}>
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

/** How sure the cut length has to be, in words, and what that means for what stays over. */
function HowSure({
  answer,
  elastic,
  working,
}: {
  answer: Predicted;
  elastic: boolean;
  working: StageProps['working'];
}) {
  return (
    <section className="sheet grid gap-2" aria-label="How sure">
      <Segmented
        label={elastic ? 'How sure that it is not too tight?' : 'How sure that it will be enough?'}
        value={String(working.ask.assurance ?? 0.9)}
        choices={sure}
        onChoose={(name) => working.set('assurance', Number(name))}
      />
      {answer.expectedSurplus && answer.surplusLow && answer.surplusHigh && (
        <p>
          Likely over:{' '}
          <b className="fig text-xl">
            <Measure text={answer.expectedSurplus.text} />
          </b>
          ; nine in ten times between <Over length={answer.surplusLow} /> and{' '}
          <Over length={answer.surplusHigh} />.
        </p>
      )}
    </section>
  );
}

/** A length that is over, or short where it is below nothing. */
function Over({ length }: { length: Length }) {
  return (
    <>
      <Measure text={length.text.replace(/^[−-]/, '')} /> {length.mm < 0 ? 'short' : 'over'}
    </>
  );
}

/** The cut list on one sheet of paper, black on white. */
function CutSheet({ answer, working }: { answer: Pieced; working: StageProps['working'] }) {
  return (
    <article className="print-only" data-testid="cut-sheet">
      <h1 className="text-2xl">{working.name}</h1>
      <p>{working.cloth.name}</p>
      {answer.pieces.map((piece) => (
        <p key={piece.name} className="mt-2 text-3xl font-bold">
          {piece.count} {piece.name}
          {piece.count > 1 ? ', each' : ','} <Measure text={piece.length.text} />
          {piece.depth && (
            <>
              {' × '}
              <Measure text={piece.depth.text} />
            </>
          )}
        </p>
      ))}
      <dl className="mt-3">
        {answer.facts.map((fact) => (
          <div key={fact.name} className="flex justify-between border-t border-rule py-1">
            <dt>{fact.name}</dt>
            <dd>
              <Measure text={fact.text} />
            </dd>
          </div>
        ))}
      </dl>
      <ol className="mt-3 list-decimal pl-6">
        {answer.steps?.map((step) => (
          <li key={step.key} className="py-0.5">
            <b>{step.title}:</b> <Measure text={step.says} />
          </li>
        ))}
      </ol>
    </article>
  );
}
