import { Suspense, type ComponentType, type ReactNode } from 'react';
import type { Answer, Ask, Field, Technique, Units } from '../../api/types';
import { later } from '../../later';
import { wrongAt, type Reckoning } from '../../app/useReckoning';
import { NumberField } from '../NumberField';
import { isAsked } from './asked';
import { Fold } from './Fold';
import { ColourField } from './ColourField';
import { useAskFields } from './useAskFields';

// Lines and outlines are asked by some techniques only, and come with them.
const LineParts = later(async () => (await import('./LineParts')).LineParts);
const PathFile = later(async () => (await import('./PathFile')).PathFile);

/** A control of its own for one field: it is given the ask and the answer, and gives back a changed ask. */
export type FieldLeaf = ComponentType<{
  field: Field;
  technique: Technique;
  ask: Ask;
  answer: Answer | null;
  set: (field: string, typed: unknown) => void;
  error?: string;
}>;

type Props = {
  technique: Technique;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
  /** Controls that only this technique has, by field. */
  leaves?: Record<string, FieldLeaf>;
};

/** The fields that are asked at a time: at once the piece, then what is set or chosen for it. */
export function AskFields({ when, ...props }: Props & { when: string[] }) {
  const show = useField(props);
  const groups = props.technique.groups.filter((g) => when.includes(g.when));
  return (
    <div className="no-print grid grid-cols-[minmax(0,1fr)] gap-3">
      {groups.map((group, i) => (
        <div key={i} className="flex flex-wrap items-start gap-x-4 gap-y-2">
          {group.fields.map(show)}
        </div>
      ))}
    </div>
  );
}

/** What is seldom said, folded to a line each. */
export function AskFolds({
  cloth,
  clothName,
  ...props
}: Props & {
  /** Fields of the cloth's look, where it has one. */
  cloth?: ReactNode;
  clothName?: string | null;
}) {
  const { technique, ask, reckoning } = props;
  const show = useField(props);
  const folded = technique.groups.filter((g) => g.when === 'folded');
  const known = (name: string) => technique.fields.find((f) => f.name === name);
  // The look stands with the fields that a cloth says of itself.
  const home = folded.find((g) => g.fields.some((f) => known(f)?.from.startsWith('cloth.')));
  return (
    <div className="no-print grid gap-3">
      {cloth && !home && (
        <Fold title="Fabric" says={[clothName]} open={false}>
          {cloth}
        </Fold>
      )}
      {folded.map((group) => (
        <Fold
          key={group.title}
          title={group.title}
          says={[
            group === home && clothName,
            ...group.fields.map((f) => summary(known(f), ask, technique.fields)),
          ]}
          open={group.fields.some((f) => wrongAt(reckoning, f))}
        >
          {group === home && cloth}
          {group.fields.map(show)}
        </Fold>
      ))}
    </div>
  );
}

/** Shows a field of the ask by its name; the place of one whose control is still on the way is held. */
function useField(props: Props) {
  const show = useShown(props);
  return (name: string) => {
    const shown = show(name);
    return (
      shown && (
        <Suspense key={name} fallback={<div className="h-[4.6rem] flex-1 basis-80" />}>
          {shown}
        </Suspense>
      )
    );
  };
}

function useShown(props: Props) {
  const { technique, ask, set, reckoning, units, leaves } = props;
  const shown = useAskFields({ fields: technique.fields, ask, set, reckoning, units });
  const known = (name: string) => technique.fields.find((f) => f.name === name);
  return (name: string) => {
    const is = known(name);
    if (!is || !isAsked(is, ask, technique.fields)) return null;
    const other = technique.either.includes(name) && technique.either.find((n) => n !== name);
    if (other && ask[other] !== undefined && ask[name] === undefined)
      return (
        <button
          key={name}
          type="button"
          className="btn bare self-end !px-1"
          onClick={() => {
            set(other, '');
            set(name, is.start ?? is.least ?? '');
          }}
        >
          Enter the {is.label.toLowerCase()} instead
        </button>
      );
    const Leaf = leaves?.[name];
    if (Leaf)
      return (
        <Leaf
          key={name}
          field={is}
          technique={technique}
          ask={ask}
          answer={reckoning.answer}
          set={set}
          error={wrongAt(reckoning, name)}
        />
      );
    switch (is.kind) {
      case 'number':
        return is.choices?.length
          ? shown.words(name)
          : shown.number(name, { className: 'min-w-28', placeholder: placeholder(is) });
      case 'flag':
        return shown.either(name);
      case 'choice':
        // Many ways take the whole line, so that what is typed next to them is not pushed down.
        return shown.choice(
          name,
          shown.follows(name),
          (is.choices?.length ?? 0) > 4 ? 'basis-full' : 'max-w-88',
        );
      case 'counts':
        return shown.counts(name, { className: 'w-36' });
      case 'groups':
        return shown.groups(name);
      case 'colour':
        return (
          <ColourField
            key={name}
            field={is}
            value={String(ask[name] ?? '')}
            say={(typed) => set(name, typed)}
            error={wrongAt(reckoning, name)}
          />
        );
      case 'name':
        return (
          <NumberField
            key={name}
            label={is.label}
            about={is.says}
            typed={String(ask[name] ?? '')}
            onType={(text) => set(name, text)}
            error={wrongAt(reckoning, name)}
            className="w-40"
          />
        );
      case 'line':
        return (
          <LineParts key={name} field={is} ask={ask} set={set} errors={reckoning.errors} units={units} />
        );
      case 'path':
      case 'outline':
        return (
          <PathFile
            key={name}
            field={is}
            data={String(ask[name] ?? '')}
            set={(data) => set(name, data)}
            units={units}
            error={wrongAt(reckoning, name)}
          />
        );
      default:
        return shown.measure(name, {
          className: technique.first.field === name ? 'min-w-36' : 'min-w-28',
          placeholder: placeholder(is),
        });
    }
  };
}

const placeholder = (field: Field) => (field.isNeeded ? undefined : (field.usual ?? 'not entered'));

/** What a folded field says of itself, in a word or two; nothing where it is as usual and says little. */
function summary(field: Field | undefined, ask: Ask, fields: Field[]) {
  const is = field && ask[field.name];
  if (!field || is === undefined || is === false || !isAsked(field, ask, fields)) return null;
  // It is seen on the drawing; its number says nothing.
  if (field.kind === 'colour') return null;
  const label = field.label.toLowerCase();
  if (field.kind === 'flag') return !field.yes || field.yes === 'yes' ? label : `${label} ${field.yes}`;
  const text = field.choices?.find((c) => c.name === String(is))?.label ?? String(is);
  return `${label} ${text}${field.unit ? ` ${field.unit}` : ''}`;
}
