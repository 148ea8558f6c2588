import { Plus, Trash2 } from 'lucide-react';
import type { Ask, Field } from '../../api/types';
import { startOf } from '../../app/useTechnique';
import { MeasureField } from '../MeasureField';
import { NumberField, numberOf } from '../NumberField';

type Props = {
  field: Field;
  value: Ask[];
  set: (rows: Ask[]) => void;
  /** What is wrong, by path, such as `samples[2].measured`. */
  errors: Record<string, string>;
  units: string;
};

/** Groups of fields, one below the other: rows that can be added and taken away. */
export function Groups({ field, value, set, errors, units }: Props) {
  const inner = field.fields ?? [];
  const put = (row: number, name: string, typed: unknown) =>
    set(value.map((r, i) => (i === row ? { ...r, [name]: typed === '' ? undefined : typed } : r)));
  return (
    <fieldset className="field min-w-0">
      <legend className="label">{field.label}</legend>
      <p className="mb-1 text-[0.8rem]">{field.says}</p>
      <ol className="grid gap-2">
        {value.map((row, i) => (
          <li key={i} className="flex flex-wrap items-start gap-x-3 gap-y-1">
            {inner.map((f) => {
              const shared = {
                label: f.label,
                typed: String(row[f.name] ?? ''),
                error: errors[`${field.name}[${i}].${f.name}`],
                className: 'w-28 max-sm:w-27',
              };
              return f.kind === 'number' ? (
                <NumberField
                  key={f.name}
                  {...shared}
                  step={f.step ?? 1}
                  suffix={f.unit || undefined}
                  onType={(text) => put(i, f.name, numberOf(text) ?? text)}
                />
              ) : (
                <MeasureField
                  key={f.name}
                  {...shared}
                  units={units}
                  fine={f.kind === 'fine'}
                  onType={(text) => put(i, f.name, text)}
                />
              );
            })}
            <button
              type="button"
              className="mt-5 grid size-11 place-items-center rounded-lg"
              aria-label={`Take away: ${field.label.toLowerCase()} ${i + 1}`}
              onClick={() => set(value.filter((_, at) => at !== i))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="btn quiet mt-1 self-start"
        onClick={() => set([...value, startOf({ fields: inner })])}
      >
        <Plus size={16} aria-hidden /> Add one
      </button>
    </fieldset>
  );
}
