import type { ReactNode } from 'react';
import type { Answer, Ask, Field, Technique, Units } from '../../api/types';
import { Segmented } from '../../parts/Segmented';
import { Fold } from '../shared/Fold';
import { useAskFields } from '../shared/useAskFields';
import { wrongAt, type Reckoning } from '../useReckoning';
import type { Layout } from './layouts';
import { sure } from './sure';

type Props = {
  technique: Technique;
  layout: Layout;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
};

const yesNo: Record<string, [string, string]> = {
  closed: ['open', 'ring'],
  doubled: ['hemmed', 'doubled'],
  joinFlat: ['gathered alone', 'joined at once'],
};

/** What the person says first: the piece, the machine, how sure it has to be. */
export function PieceFields(props: Props) {
  const { technique, layout, ask, set } = props;
  const field = useField(props);
  return (
    <div className="no-print grid gap-3">
      <div className="flex flex-wrap gap-x-4 gap-y-2">{layout.piece.map(field)}</div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">{layout.machine.map(field)}</div>
      {technique.family && (
        <Segmented
          label={
            technique.family === 'elastic'
              ? 'How sure that it is not too tight?'
              : 'How sure that it will be enough?'
          }
          value={String(ask.assurance ?? 0.9)}
          choices={sure}
          onChoose={(name) => set('assurance', Number(name))}
        />
      )}
    </div>
  );
}

/** What is seldom said, folded to a line each. */
export function PieceFolds({
  clothLook,
  clothName,
  ...props
}: Props & {
  /** Fields of the cloth's look, where it has one. */
  clothLook?: ReactNode;
  clothName?: string | null;
}) {
  const { technique, layout, ask, reckoning } = props;
  const field = useField(props);
  const known = (name: string) => technique.fields.find((f) => f.name === name);
  return (
    <div className="no-print grid gap-3">
      {layout.groups.map((group) => (
        <Fold
          key={group.title}
          title={group.title}
          says={[group.title === 'Cloth' && clothName, ...group.fields.map((f) => summary(known(f), ask))]}
          open={group.fields.some((f) => wrongAt(reckoning, f))}
        >
          {group.title === 'Cloth' && clothLook}
          {group.fields.map(field)}
        </Fold>
      ))}
    </div>
  );
}

/** Shows a field of the ask by its name. */
function useField({ technique, layout, ask, set, reckoning, units }: Props) {
  const fields = useAskFields({ technique, ask, set, reckoning, units });
  const known = (name: string) => technique.fields.find((f) => f.name === name);
  return (name: string) => {
    const is = known(name);
    if (!is || (name === 'hemAllowance' && ask.doubled === true)) return null;
    if (name === 'endAllowance' && ask.closed === true) return null;
    const other = layout.either?.includes(name) && layout.either.find((n) => n !== name);
    if (other && ask[other] !== undefined && ask[name] === undefined)
      return (
        <button
          key={name}
          type="button"
          className="btn bare self-end !px-1"
          onClick={() => {
            set(other, '');
            set(name, is.start ?? (name === 'fullness' ? 2 : '8 mm'));
          }}
        >
          Say the {is.label.toLowerCase()} instead
        </button>
      );
    return shown(is, fields, first(layout, name));
  };
}

function first(layout: Layout, name: string) {
  return layout.first.field === name ? 'flex-1 basis-40' : 'w-28';
}

function shown(is: Field, fields: ReturnType<typeof useAskFields>, className: string) {
  switch (is.kind) {
    case 'number':
      return fields.number(is.name, stepOf(is), {
        className: 'w-24',
        suffix: is.name === 'clothWeight' ? 'g/m²' : is.name === 'tensionSteps' ? 'steps' : undefined,
      });
    case 'flag':
      return fields.either(is.name, ...(yesNo[is.name] ?? ['no', 'yes']));
    case 'choice':
      return fields.choice(is.name, fields.follows(is.name), 'max-w-88');
    default:
      return fields.measure(is.name, { className });
  }
}

function stepOf({ name }: Field) {
  if (name === 'clothWeight') return 5;
  return ['fullness', 'elasticFactor', 'targetFullness'].includes(name)
    ? 0.05
    : name === 'differential'
      ? 0.1
      : 1;
}

/** What a folded field says of itself, in a word or two; nothing where it is as usual and says little. */
function summary(field: Field | undefined, ask: Ask) {
  if (!field || ask[field.name] === undefined || ask[field.name] === false) return null;
  const is = ask[field.name];
  if (field.kind === 'flag') return field.label.toLowerCase();
  const text =
    field.kind === 'choice' ? (field.choices?.find((c) => c.name === is)?.label ?? String(is)) : String(is);
  return `${field.label.toLowerCase()} ${text}${field.name === 'clothWeight' ? ' g/m²' : ''}`;
}
