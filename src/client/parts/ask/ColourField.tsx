import { useId } from 'react';
import type { Field } from '../../api/types';
import { Label, useAbout } from '../about';

/** A colour, picked by eye; it can be left unsaid. */
export function ColourField({
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
      <span className="flex items-center gap-1">
        <input
          id={id}
          type="color"
          className="h-11 w-16 rounded-lg border border-rule bg-paper p-1"
          value={value || '#f4efe3'}
          aria-describedby={is.describedBy}
          onChange={(e) => say(e.target.value)}
        />
        {value && (
          <button type="button" className="btn bare" onClick={() => say('')}>
            as the part’s
          </button>
        )}
      </span>
      {error && <p className="wrong">{error}</p>}
      {is.line}
    </div>
  );
}
