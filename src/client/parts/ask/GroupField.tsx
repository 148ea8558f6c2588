import { useId } from 'react';
import type { Field, Units } from '../../api/types';
import { Label, useAbout } from '../about';
import { MeasureField } from '../MeasureField';
import { NumberField, numberOf } from '../NumberField';
import { Segmented } from '../Segmented';
import { ColourField } from './ColourField';
import { PathFile } from './PathFile';

type Props = {
  field: Field;
  said: unknown;
  say: (typed: unknown) => void;
  error?: string;
  units: Units;
};

/** A field within a group, whatever its kind. */
export function GroupField({ field, said, say, error, units }: Props) {
  const typed = String(said ?? '');
  const shared = { label: field.label, about: field.says, typed, error, className: 'w-28 max-sm:w-27' };
  switch (field.kind) {
    case 'number':
      return (
        <NumberField
          {...shared}
          step={field.step ?? 1}
          suffix={field.unit || undefined}
          onType={(text) => say(numberOf(text) ?? text)}
        />
      );
    case 'flag':
      return (
        <Segmented
          label={field.label}
          about={field.says}
          value={said ? 'yes' : 'no'}
          choices={[
            { name: 'no', label: field.no! },
            { name: 'yes', label: field.yes! },
          ]}
          onChoose={(choice) => say(choice === 'yes')}
        />
      );
    case 'choice':
      return <Select field={field} value={typed || String(field.start ?? '')} say={say} error={error} />;
    case 'name':
      return <NumberField {...shared} onType={say} />;
    case 'colour':
      return <ColourField field={field} value={typed} say={say} error={error} />;
    case 'path':
    case 'outline':
      return <PathFile field={field} data={typed} set={say} units={units} error={error} />;
    default:
      return <MeasureField {...shared} units={units} fine={field.kind === 'fine'} onType={say} />;
  }
}

/** One of several ways, where there is no room to lay them side by side. */
function Select({
  field,
  value,
  say,
  error,
}: {
  field: Field;
  value: string;
  say: (typed: unknown) => void;
  error?: string;
}) {
  const id = useId();
  const is = useAbout(id, field.label, field.says);
  return (
    <div className="field">
      <Label id={id} button={is.button}>
        {field.label}
      </Label>
      <select
        id={id}
        className="entry w-44"
        value={value}
        aria-describedby={is.describedBy}
        onChange={(e) => say(e.target.value)}
      >
        {field.choices?.map((choice) => (
          <option key={choice.name} value={choice.name}>
            {choice.label}
          </option>
        ))}
      </select>
      {error && <p className="wrong">{error}</p>}
      {is.line}
    </div>
  );
}
