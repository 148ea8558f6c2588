import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Ask, Field, Units } from '../../api/types';
import { startOf } from '../../app/useTechnique';
import { isAsked } from './asked';
import { GroupField } from './GroupField';

type Props = {
  field: Field;
  value: Ask[];
  set: (rows: Ask[]) => void;
  /** What is wrong, by path, such as `samples[2].measured`. */
  errors: Record<string, string>;
  units: Units;
};

/** Groups of fields, one below the other: rows that can be added and taken away. */
export function Groups({ field, value, set, errors, units }: Props) {
  const inner = field.fields ?? [];
  const put = (row: number, name: string, typed: unknown) =>
    set(value.map((r, i) => (i === row ? { ...r, [name]: typed === '' ? undefined : typed } : r)));
  // Of groups with many fields only one lies open, so that the drawing stays in sight.
  const isLarge = inner.length > large;
  const [chosen, setChosen] = useState(-1);
  const wrongIn = (row: number) =>
    Object.keys(errors).some((path) => path.startsWith(`${field.name}[${row}].`));
  const swap = (i: number) => {
    set(value.map((r, at) => (at === i ? value[i - 1]! : at === i - 1 ? value[i]! : r)));
    setChosen(i - 1);
  };
  return (
    <fieldset className="field min-w-0">
      <legend className="label">{field.label}</legend>
      <p className="mb-1 text-[0.8rem]">{field.says}</p>
      {isLarge && value.length > 0 && (
        <div className="mb-2 flex flex-wrap gap-1.5">
          {value.map((row, i) => (
            <button
              key={i}
              type="button"
              className={`line-part${wrongIn(i) ? ' is-wrong' : ''}`}
              aria-expanded={i === chosen}
              onClick={() => setChosen(i === chosen ? -1 : i)}
            >
              {nameOf(inner, row) ?? `${i + 1}`}
            </button>
          ))}
        </div>
      )}
      <ol className="grid gap-2">
        {value.map((row, i) =>
          isLarge && i !== chosen ? null : (
            <li key={i} className="flex flex-wrap items-start gap-x-3 gap-y-1">
              {inner
                .filter((f) => isAsked(f, row, inner))
                .map((f) => (
                  <GroupField
                    key={f.name}
                    field={f}
                    said={row[f.name]}
                    say={(typed) => put(i, f.name, typed)}
                    error={errors[`${field.name}[${i}].${f.name}`]}
                    units={units}
                  />
                ))}
              {isLarge && i > 0 && (
                <button type="button" className="btn quiet mt-5" onClick={() => swap(i)}>
                  Move it one layer down
                </button>
              )}
              <button
                type="button"
                className="mt-5 grid size-11 place-items-center rounded-lg"
                aria-label={`Delete: ${field.label.toLowerCase()} ${i + 1}`}
                onClick={() => {
                  set(value.filter((_, at) => at !== i));
                  setChosen(-1);
                }}
              >
                <Trash2 size={18} aria-hidden />
              </button>
            </li>
          ),
        )}
      </ol>
      <button
        type="button"
        className="btn quiet mt-1 self-start"
        onClick={() => {
          set([...value, startOf({ fields: inner })]);
          setChosen(value.length);
        }}
      >
        <Plus size={16} aria-hidden /> Add one
      </button>
    </fieldset>
  );
}

/** Groups of more fields than this are opened one at a time. */
const large = 6;

/** What a group calls itself, where one of its fields is a name. */
function nameOf(fields: Field[], row: Ask) {
  const name = fields.find((f) => f.kind === 'name');
  return name && row[name.name] ? String(row[name.name]) : undefined;
}
