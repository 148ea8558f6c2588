import { useId } from 'react';
import { useDrawer } from '../app/drawer';
import type { Field, Length, Units } from '../api/types';
import { MeasureField } from './MeasureField';
import { NumberField, numberOf } from './NumberField';

type Props = {
  field: Field;
  value: unknown;
  set: (value: unknown) => void;
  understood?: Length;
  error?: string;
  units: Units;
  /** What nothing said means. */
  placeholder?: string;
};

/** One property of a thing or a wish of a card, whatever its kind. Nothing said means that it is not known. */
export function PropertyField({
  field,
  value,
  set,
  understood,
  error,
  units,
  placeholder = 'leave blank',
}: Props) {
  if (field.kind === 'fine' || field.kind === 'length') {
    return (
      <MeasureField
        label={field.label}
        typed={typeof value === 'number' ? `${value} mm` : ((value as string | undefined) ?? '')}
        onType={set}
        understood={understood}
        error={error}
        hint={field.says || undefined}
        units={units}
        fine={field.kind === 'fine'}
        placeholder={placeholder}
      />
    );
  }
  if (field.kind === 'number') {
    return (
      <NumberField
        label={field.label}
        typed={value === undefined || value === null ? '' : String(value)}
        onType={(text) => set(numberOf(text) ?? text)}
        error={error}
        hint={field.says || undefined}
        step={field.most && field.most > 100 ? 10 : field.most && field.most <= 4 ? 0.1 : 1}
        placeholder={placeholder}
      />
    );
  }
  if (field.kind === 'flag') {
    return (
      <Choose
        label={field.label}
        says={field.says}
        value={value === undefined || value === null ? '' : String(value)}
        choices={[
          { name: 'true', label: 'yes' },
          { name: 'false', label: 'no' },
        ]}
        set={(name) => set(name === '' ? null : name === 'true')}
        error={error}
        placeholder={placeholder}
      />
    );
  }
  if (field.kind === 'name')
    return field.names ? (
      <Named field={field} value={value} set={set} error={error} placeholder={placeholder} />
    ) : (
      <NumberField
        label={field.label}
        typed={(value as string | undefined) ?? ''}
        onType={set}
        error={error}
        hint={field.says || undefined}
        placeholder={placeholder}
      />
    );
  if (field.kind === 'choices') return <Several field={field} value={value} set={set} error={error} />;
  if (field.kind === 'colour') return <ColourField field={field} value={value} set={set} />;
  return (
    <Choose
      label={field.label}
      says={field.choices?.find((c) => c.name === value)?.follows || field.says}
      value={(value as string | undefined) ?? ''}
      choices={field.choices ?? []}
      set={(name) => set(name === '' ? null : name)}
      error={error}
      placeholder={placeholder}
    />
  );
}

/** The name of a thing that is owned; one that is not there any more stays said. */
function Named({ field, value, set, error, placeholder = '' }: Omit<Props, 'units' | 'understood'>) {
  const names = useDrawer()
    .data?.things.filter((t) => t.kind === field.names)
    .map((t) => t.name);
  const said = (value as string | undefined) ?? '';
  return (
    <Choose
      label={field.label}
      says={field.says}
      value={said}
      choices={[...new Set([...(names ?? []), ...(said ? [said] : [])])].map((name) => ({
        name,
        label: name,
      }))}
      set={(name) => set(name === '' ? null : name)}
      error={error}
      placeholder={placeholder}
    />
  );
}

function Choose({
  label,
  says,
  value,
  choices,
  set,
  error,
  placeholder,
}: {
  label: string;
  placeholder: string;
  says: string;
  value: string;
  choices: { name: string; label: string }[];
  set: (name: string) => void;
  error?: string;
}) {
  const id = useId();
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <select
        id={id}
        className="entry"
        value={value}
        aria-invalid={Boolean(error)}
        aria-describedby={`${id}-says`}
        onChange={(e) => set(e.target.value)}
      >
        <option value="">{placeholder}</option>
        {choices.map((c) => (
          <option key={c.name} value={c.name}>
            {c.label}
          </option>
        ))}
      </select>
      <p id={`${id}-says`} className={error ? 'wrong' : 'mt-[2px] text-[0.8rem]'}>
        {error ?? says}
      </p>
    </div>
  );
}

function Several({ field, value, set, error }: Pick<Props, 'field' | 'value' | 'set' | 'error'>) {
  const chosen = Array.isArray(value) ? (value as string[]) : [];
  return (
    <fieldset className="field">
      <legend className="label">{field.label}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {field.choices?.map((c) => (
          <label
            key={c.name}
            className="flex min-h-11 items-center gap-2 rounded-md bg-paper px-3 text-[0.95rem] font-semibold text-ink shadow-[inset_0_0_0_1px_var(--rule)]"
          >
            <input
              type="checkbox"
              className="h-5 w-5"
              checked={chosen.includes(c.name)}
              onChange={(e) => {
                const next = e.target.checked
                  ? [...chosen, c.name]
                  : chosen.filter((name) => name !== c.name);
                set(next.length ? next : null);
              }}
            />
            {c.label}
          </label>
        ))}
      </div>
      <p className={error ? 'wrong' : 'mt-1 text-[0.8rem]'}>{error ?? field.says}</p>
    </fieldset>
  );
}

function ColourField({ field, value, set }: Pick<Props, 'field' | 'value' | 'set'>) {
  const colour = value as string | undefined;
  return (
    <div className="field">
      <label className="label" htmlFor={`colour-${field.name}`}>
        {field.label}
      </label>
      <span className="flex items-center gap-3">
        <input
          id={`colour-${field.name}`}
          type="color"
          className="entry !w-16 !p-1"
          value={colour ?? '#cccccc'}
          onChange={(e) => set(e.target.value)}
        />
        {colour ? (
          <button type="button" className="btn bare text-sm" onClick={() => set(null)}>
            unknown
          </button>
        ) : (
          <span className="text-sm">unknown</span>
        )}
      </span>
    </div>
  );
}
