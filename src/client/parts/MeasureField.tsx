import { useId } from 'react';
import { api, value } from '../api/http';
import type { Length, Units } from '../api/types';
import { Label, useAbout } from './about';
import { Measure } from './Measure';

type Props = {
  label: string;
  /** What was typed, exactly. */
  typed: string;
  onType: (text: string) => void;
  /** What the server understood by it. */
  understood?: Length;
  error?: string;
  hint?: string;
  /** What the field means. */
  about?: string;
  units: Units;
  /** Whether a bare figure is millimetres, as on a dial. */
  fine?: boolean;
  placeholder?: string;
  autoFocus?: boolean;
  onEnter?: () => void;
  className?: string;
};

/** A field for a length: takes what people write, says what it understood, steps with the arrow keys. */
export function MeasureField(props: Props) {
  const {
    label,
    typed,
    onType,
    understood,
    error,
    hint,
    about,
    units,
    fine,
    placeholder,
    autoFocus,
    onEnter,
    className,
  } = props;
  const id = useId();
  const says = error ?? (understood && tells(typed, understood.text) ? `= ${understood.text}` : hint);
  const is = useAbout(id, label, about, says && `${id}-says`);
  const nudge = async (steps: number) => {
    if (!typed.trim()) return;
    try {
      const query = { text: typed, nudge: steps, fine: fine ?? false, units };
      onType((await value(api.GET('/api/lengths', { params: { query } }))).text);
    } catch {
      // A text that cannot be read has no next step; the field says what is wrong with it.
    }
  };
  return (
    <div className={`field ${className ?? ''}`}>
      <Label id={id} button={is.button}>
        {label}
      </Label>
      <input
        id={id}
        className="entry"
        size={8}
        autoComplete="off"
        spellCheck={false}
        // A field that is opened to be typed in at once is what the person asked for.
        // eslint-disable-next-line jsx-a11y/no-autofocus
        autoFocus={autoFocus}
        value={typed}
        placeholder={placeholder}
        aria-invalid={Boolean(error)}
        aria-describedby={is.describedBy}
        onChange={(e) => onType(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') onEnter?.();
          if (e.key !== 'ArrowUp' && e.key !== 'ArrowDown') return;
          e.preventDefault();
          void nudge((e.key === 'ArrowUp' ? 1 : -1) * (e.shiftKey ? 10 : 1));
        }}
      />
      {says && (
        <p id={`${id}-says`} className={error ? 'wrong' : 'mt-[2px] text-[0.8rem] break-words'}>
          <Measure text={says} />
        </p>
      )}
      {is.line}
    </div>
  );
}

/** Whether the understood text says more than was typed. */
function tells(typed: string, text: string) {
  const bare = (t: string) => t.replace(/\s+/g, '').toLowerCase();
  return bare(typed) !== bare(text);
}
