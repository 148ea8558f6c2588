import { MeasureField } from '../../parts/MeasureField';
import { NumberField, numberOf } from '../../parts/NumberField';
import { Segmented } from '../../parts/Segmented';
import type { Answer, Ask, Technique, Units } from '../../api/types';
import { wrongAt, type Reckoning } from '../useReckoning';

type Given = {
  technique: Technique;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
};

/** Fields of the ask by their names, with labels, errors and what was understood from the server. */
export function useAskFields({ technique, ask, set, reckoning, units }: Given) {
  const field = (name: string) => technique.fields.find((f) => f.name === name)!;
  const typed = (name: string) => {
    const value = ask[name];
    if (Array.isArray(value)) return value.join(' + ');
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
        typed={typed(name)}
        onType={(text) => set(name, text)}
        understood={reckoning.understood[name]}
        error={wrongAt(reckoning, name)}
        units={units}
        fine={field(name).kind === 'fine'}
        {...more}
      />
    ),
    number: (name: string, step: number, more?: { hint?: string; suffix?: string; className?: string }) => (
      <NumberField
        key={name}
        label={field(name).label}
        typed={typed(name)}
        onType={(text) => set(name, numberOf(text) ?? text)}
        error={wrongAt(reckoning, name)}
        step={step}
        {...more}
      />
    ),
    either: (name: string, no: string, yes: string, label = field(name).label) => (
      <Segmented
        key={name}
        label={label}
        value={ask[name] === true ? 'yes' : 'no'}
        choices={[
          { name: 'no', label: no },
          { name: 'yes', label: yes },
        ]}
        onChoose={(choice) => set(name, choice === 'yes')}
      />
    ),
    choice: (name: string, hint?: string, className?: string) => (
      <Segmented
        key={name}
        label={field(name).label}
        value={typed(name)}
        choices={field(name).choices!}
        onChoose={(choice) => set(name, choice)}
        hint={hint}
        className={className}
      />
    ),
    follows: (name: string) => field(name).choices?.find((c) => c.name === ask[name])?.follows,
    choices: (name: string) => field(name).choices ?? [],
  };
}
