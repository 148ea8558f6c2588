import { CornerUpRight, MoveRight, Spline, Trash2 } from 'lucide-react';
import { Legend, useAbout } from '../about';
import { useState, useId } from 'react';
import type { Ask, Field, Units } from '../../api/types';
import { MeasureField } from '../MeasureField';
import { NumberField, numberOf } from '../NumberField';

type Props = {
  field: Field;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  errors: Record<string, string>;
  units: Units;
};

/** The kinds of parts: what each says, and what a new one begins with. */
const kinds = [
  { name: 'straight', Icon: MoveRight, says: ['straight'], metric: ['50 mm'], imperial: ['2 in'] },
  {
    name: 'curve',
    Icon: Spline,
    says: ['radius', 'sweep'],
    metric: ['40 mm', 90],
    imperial: ['1 1/2 in', 90],
  },
  { name: 'corner', Icon: CornerUpRight, says: ['corner'], metric: [90], imperial: [90] },
];

/**
 * A line put together from straights, curves and corners. Each is pulled by its dots on the drawing; here they stand in a row, the
 * chosen one with its figures to be typed.
 */
export function LineParts({ field, ask, set, errors, units }: Props) {
  const rows = (ask[field.name] as Ask[] | undefined) ?? [];
  const [chosen, setChosen] = useState(-1);
  const open = rows[chosen];
  const put = (next: Ask[]) => set(field.name, next.length ? next : '');
  const wrongIn = (row: number) =>
    Object.entries(errors).find(([path]) => path.startsWith(`${field.name}[${row}].`))?.[1];
  const add = (kind: (typeof kinds)[number]) => {
    const part = Object.fromEntries(kind.says.map((name, i) => [name, kind[units][i]]));
    // After the chosen part, or at the end.
    const at = open ? chosen + 1 : rows.length;
    put([...rows.slice(0, at), part, ...rows.slice(at)]);
    setChosen(at);
  };
  const id = useId();
  const is = useAbout(id, field.label, field.says);
  return (
    <fieldset
      className="field min-w-0 basis-full"
      aria-labelledby={`${id}-label`}
      aria-describedby={is.describedBy}
    >
      <Legend id={id} label={field.label} button={is.button} />
      <div className="flex flex-wrap items-center gap-1.5">
        {rows.map((row, i) => {
          const kind = kindOf(row);
          const wrong = wrongIn(i);
          return (
            <button
              key={i}
              type="button"
              className={`line-part${wrong ? ' is-wrong' : ''}`}
              aria-expanded={i === chosen}
              aria-label={`Part ${i + 1}, ${kind.name}: ${saysOf(field, row)}${wrong ? `. ${wrong}` : ''}`}
              onClick={() => setChosen(i === chosen ? -1 : i)}
            >
              <kind.Icon size={16} aria-hidden />
              {saysOf(field, row)}
            </button>
          );
        })}
        {kinds.map((kind) => (
          <button
            key={kind.name}
            type="button"
            className="line-part is-new"
            aria-label={`Add a ${kind.name}`}
            onClick={() => add(kind)}
          >
            + <kind.Icon size={16} aria-hidden /> {rows.length < 4 && kind.name}
          </button>
        ))}
      </div>
      {rows.length === 0 && (
        <p className="mt-1 text-[0.8rem]">
          {field.says} Add the first section. It is drawn at once and you can drag its dots.
        </p>
      )}
      {open && (
        <PartFields
          key={chosen}
          fields={field.fields!.filter((f) => kindOf(open).says.includes(f.name) || f.name in open)}
          part={open}
          errorOf={(name) => errors[`${field.name}[${chosen}].${name}`]}
          units={units}
          say={(name, typed) =>
            put(rows.map((r, i) => (i === chosen ? { ...r, [name]: typed === '' ? undefined : typed } : r)))
          }
          takeAway={() => {
            put(rows.filter((_, i) => i !== chosen));
            setChosen(-1);
          }}
        />
      )}
      {is.line}
    </fieldset>
  );
}

/** The figures of one part. */
function PartFields({
  fields,
  part,
  errorOf,
  units,
  say,
  takeAway,
}: {
  fields: Field[];
  part: Ask;
  errorOf: (name: string) => string | undefined;
  units: Units;
  say: (name: string, typed: unknown) => void;
  takeAway: () => void;
}) {
  return (
    <div className="mt-2 flex flex-wrap items-start gap-3">
      {fields.map((f) => {
        const shared = {
          label: f.label,
          typed: String(part[f.name] ?? ''),
          error: errorOf(f.name),
          className: 'w-28 max-sm:w-27',
        };
        return f.kind === 'number' ? (
          <NumberField
            key={f.name}
            {...shared}
            step={f.step ?? 1}
            suffix={f.unit || undefined}
            hint={f.name === fields[fields.length - 1]?.name ? 'below 0 to the left' : undefined}
            onType={(text) => say(f.name, numberOf(text) ?? text)}
          />
        ) : (
          <MeasureField key={f.name} {...shared} units={units} onType={(text) => say(f.name, text)} />
        );
      })}
      <button type="button" className="btn quiet mt-5" onClick={takeAway}>
        <Trash2 size={16} aria-hidden /> Delete this section
      </button>
    </div>
  );
}

const kindOf = (part: Ask) => kinds.find((k) => k.says.some((s) => s in part)) ?? kinds[0]!;

/** A part in figures: 70 mm, −55°. */
const saysOf = (field: Field, part: Ask) =>
  field
    .fields!.filter((f) => part[f.name] !== undefined && part[f.name] !== '')
    .map((f) => `${String(part[f.name]).replace('-', '−')}${f.unit ?? ''}`)
    .join(', ');
