import { useState, type ReactNode } from 'react';
import { WordLink } from './WordLink';

/**
 * What a field means, in a line under it while it has the focus, and at a press on the small ? beside its label. The keyboard
 * reaches it by reaching the field, so that the ? is no stop of its own.
 * @param id The field's id, from which the others are made.
 * @param label The field's own label.
 * @param about What it means; nothing is shown where that is empty.
 * @param others Ids of what else describes the field.
 */
export function useAbout(
  id: string,
  label: string,
  about: string | undefined,
  ...others: (string | false | undefined)[]
) {
  const [isOpen, setOpen] = useState(false);
  const line = `${id}-about`;
  return {
    describedBy: [...others, about && line].filter(Boolean).join(' ') || undefined,
    button: about && (
      <button
        type="button"
        tabIndex={-1}
        className="what no-print"
        aria-label="What is this?"
        aria-describedby={`${id}-label`}
        aria-expanded={isOpen}
        aria-controls={line}
        onClick={() => setOpen(!isOpen)}
        onBlur={() => setOpen(false)}
      >
        ?
      </button>
    ),
    line: about && (
      <p id={line} className={`about no-print${isOpen ? ' is-open' : ''}`}>
        {about} <WordLink within={`${label}. ${about}`} />
      </p>
    ),
  };
}

/** The label of one control, with its ?. */
export function Label({ id, button, children }: { id: string; button: ReactNode; children: ReactNode }) {
  return (
    <span className="label">
      <label id={`${id}-label`} htmlFor={id}>
        {children}
      </label>
      {button}
    </span>
  );
}

/** The label of a group of controls, which the group is labelled by without its ?. */
export function Legend({ id, label, button }: { id: string; label: string; button: ReactNode }) {
  return (
    <legend className="label float-left">
      <span id={`${id}-label`}>{label}</span>
      {button}
    </legend>
  );
}
