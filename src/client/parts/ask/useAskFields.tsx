import { Suspense } from 'react';
import type { Answer, Ask, Field, Units } from '../../api/types';
import { later } from '../../later';
import { wrongAt, type Reckoning } from '../../app/useReckoning';
import { MeasureField } from '../MeasureField';
import { NumberField, numberOf } from '../NumberField';
import { Segmented } from '../Segmented';

const PickStitches = later(async () => (await import('./PickStitches')).PickStitches);
const Groups = later(async () => (await import('./Groups')).Groups);

type Given = {
  fields: Field[];
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
};

/** Fields of the ask by their names, with labels, errors and what was understood from the server. */
export function useAskFields({ fields, ask, set, reckoning, units }: Given) {
  const field = (name: string) => fields.find((f) => f.name === name)!;
  const typed = (name: string) => {
    const value = ask[name];
    // Several edges are added up; bars, say, stand beside each other.
    if (Array.isArray(value)) return value.join(field(name).kind === 'lengths' ? '; ' : ' + ');
    return value === undefined || value === null ? '' : String(value);
  };
  return {
    typed,
    measure: (
      name: string,
      more?: { hint?: string; placeholder?: string; autoFocus?: boolean; className?: string },
    ) => (
      <MeasureField
        key={name}
        label={field(name).label}
        about={field(name).says}
        typed={typed(name)}
        onType={(text) => set(name, text)}
        understood={reckoning.understood[name]}
        error={wrongAt(reckoning, name)}
        units={units}
        fine={field(name).kind === 'fine'}
        {...more}
      />
    ),
    /** Whole numbers in their order, such as 3 + 5 + 3. */
    counts: (name: string, more?: { className?: string }) => (
      <NumberField
        key={name}
        label={field(name).label}
        about={field(name).says}
        typed={typed(name)}
        onType={(text) => set(name, text)}
        error={wrongAt(reckoning, name)}
        hint="such as 3 + 5 + 3"
        {...more}
      />
    ),
    number: (name: string, more?: { hint?: string; className?: string; placeholder?: string }) => (
      <NumberField
        key={name}
        label={field(name).label}
        about={field(name).says}
        typed={typed(name)}
        onType={(text) => set(name, numberOf(text) ?? text)}
        error={wrongAt(reckoning, name)}
        step={field(name).step ?? 1}
        suffix={field(name).unit || undefined}
        {...more}
      />
    ),
    /** A number that is chosen by a word. */
    words: (name: string) => (
      <Segmented
        key={name}
        label={field(name).label}
        about={field(name).says}
        value={String(ask[name] ?? field(name).start ?? '')}
        choices={field(name).choices!}
        onChoose={(choice) => set(name, Number(choice))}
      />
    ),
    either: (name: string) => (
      <Segmented
        key={name}
        label={field(name).label}
        about={field(name).says}
        value={ask[name] === true ? 'yes' : 'no'}
        choices={[
          { name: 'no', label: field(name).no || 'no' },
          { name: 'yes', label: field(name).yes || 'yes' },
        ]}
        onChoose={(choice) => set(name, choice === 'yes')}
      />
    ),
    choice: (name: string, hint?: string, className?: string) => (
      <Segmented
        key={name}
        label={field(name).label}
        about={field(name).says}
        value={typed(name)}
        choices={field(name).choices!}
        onChoose={(choice) => set(name, choice)}
        hint={hint}
        className={className}
      />
    ),
    groups: (name: string) => {
      // Stitches are picked by their look from the book.
      const Rows = field(name).from === 'machine-stitch' ? PickStitches : Groups;
      return (
        <Suspense key={name}>
          <Rows
            field={field(name)}
            value={(ask[name] as Ask[] | undefined) ?? []}
            set={(rows) => set(name, rows.length ? rows : '')}
            errors={reckoning.errors}
            units={units}
          />
        </Suspense>
      );
    },
    follows: (name: string) => field(name).choices?.find((c) => c.name === ask[name])?.follows,
    choices: (name: string) => field(name).choices ?? [],
  };
}
