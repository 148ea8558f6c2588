import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { ReactNode } from 'react';
import type { Ask, CardAnswer, Cloth, Drawing, Plan, Step, Technique, Units } from '../../api/types';
import type { EditedWorking } from '../../app/useWorking';
import { inDays } from '../../app/dates';
import { DrawingView } from '../../drawing/DrawingView';
import { useCard } from '../../app/useCard';
import { Measure } from '../Measure';
import { isSetAt, SetOnCard } from '../SetOnCard';
import { StepTable } from '../StepTable';
import { StopList } from '../StopList';
import { isAsked } from '../ask/asked';
import { SinceCut, useSinceCut } from './SinceCut';
import { sizeOf } from './ToCut';
import { usePrinting } from './usePrinting';

type Props = {
  answer: Plan;
  working: EditedWorking;
  technique: Technique;
  units: Units;
  /** What only this technique has, such as the places of its marks. */
  children?: ReactNode;
};

/**
 * The piece on paper, black on white, so that it can be sewn from the paper alone: what is cut, where it lies on the cloth, the
 * marks of both edges, every step with its checks and its picture. Set to be read at arm's length.
 */
export function WorkSheet(props: Props) {
  const { working, technique, units } = props;
  // What is asked of the program is there before the paper is wanted.
  const project = useQuery({
    queryKey: ['project', working.row!.projectId],
    queryFn: () => value(api.GET('/api/projects/{id}', { params: { path: { id: working.row!.projectId } } })),
  }).data;
  const card = useCard(working, technique.name, units, props.answer).answer;
  const since = useSinceCut(working, units);
  return usePrinting() ? <OnPaper {...props} project={project} card={card} since={since} /> : null;
}

function OnPaper({
  answer,
  working,
  technique,
  units,
  children,
  project,
  card,
  since,
}: Props & {
  project?: { name: string; wantedBy?: string | null };
  card: CardAnswer | null;
  since: ReturnType<typeof useSinceCut>;
}) {
  const layout = answer.drawings?.find((d) =>
    d.shapes.some((s) => s.kind === 'cloth' && s.role === 'length'),
  );
  return (
    <article className="print-only work-sheet" data-testid="cut-sheet">
      <header>
        <h1>{working.name}</h1>
        <p>
          {[
            project?.name,
            project?.wantedBy && `needed by ${inDays(project.wantedBy, units)}`,
            working.cloth.name,
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
      </header>
      <SinceCut since={since} units={units} />
      {answer.pieces.map((piece) => {
        const of = sizeOf(piece);
        return (
          <p key={piece.key} className="to-cut">
            {piece.count} {piece.name}
            {piece.count > 1 ? ', each' : ','} <Measure text={of.figures} /> {of.unit}
          </p>
        );
      })}
      <dl className="of-it">
        {[...answer.facts, ...said(technique, answer, working.ask)].map((fact) => (
          <div key={fact.name}>
            <dt>{fact.name}</dt>
            <dd>
              <Measure text={fact.text} />
            </dd>
          </div>
        ))}
      </dl>
      {layout && <DrawingView drawing={layout} cloth={working.cloth} units={units} width={640} />}
      {children}
      <h2>Step by step</h2>
      <ol>
        {answer.steps?.map((step, i) => (
          <li key={step.key}>
            <StepOnPaper
              number={i + 1}
              step={step}
              card={answer.steps && isSetAt(step, answer.steps) ? card : null}
            />
            <Moment step={step} drawings={answer.drawings} cloth={working.cloth} units={units} />
          </li>
        ))}
      </ol>
    </article>
  );
}

/** The lengths that were said, by their names: hem, joins and all. */
const said = (technique: Technique, answer: Plan, ask: Ask) =>
  technique.fields
    .filter((f) => f.kind === 'length' && answer.understood?.[f.name] && isAsked(f, ask, technique.fields))
    .map((f) => ({ name: f.label, text: answer.understood![f.name]!.text }));

function StepOnPaper({ number, step, card }: { number: number; step: Step; card: CardAnswer | null }) {
  return (
    <div className="step">
      <h3>
        {number}. {step.title}
        {step.big && (
          <b>
            <Measure text={step.big} />
          </b>
        )}
      </h3>
      <p>
        <Measure text={step.says} />
      </p>
      <StepTable step={step} />
      <SetOnCard card={card} />
      {step.sets.length > 0 && (
        <p>
          Set: <Measure text={step.sets.join(' · ')} />
        </p>
      )}
      <ul>
        {step.checks.map((check) => (
          <li key={check}>
            <span aria-hidden>☐ </span>
            <Measure text={check} />
          </li>
        ))}
      </ul>
      <StopList step={step} />
      {step.caution && <p className="hazard">{step.caution.says}</p>}
    </div>
  );
}

/** The picture of a step. */
function Moment({
  step,
  drawings,
  ...shown
}: {
  step: Step;
  drawings: Drawing[] | undefined;
  cloth: Cloth;
  units: Units;
}) {
  const drawing = drawings?.find((d) => d.name === step.picture?.drawing);
  return drawing && step.picture ? (
    <DrawingView drawing={drawing} moment={step.picture} {...shown} width={250} maxHeight={150} />
  ) : null;
}
