import { useId } from 'react';
import { Label, useAbout } from './about';

type Props = {
  label: string;
  typed: string;
  onType: (text: string) => void;
  error?: string;
  hint?: string;
  /** What the field means. */
  about?: string;
  /** How far an arrow key steps; left out where it is no single figure. */
  step?: number;
  suffix?: string;
  placeholder?: string;
  /** When the field is left. */
  onLeave?: () => void;
  autoFocus?: boolean;
  onEnter?: () => void;
  className?: string;
};

/** A field for a plain number. Half-typed values stay as they are. */
export function NumberField({
  label,
  typed,
  onType,
  error,
  hint,
  about,
  step,
  suffix,
  placeholder,
  onLeave,
  autoFocus,
  onEnter,
  className,
}: Props) {
  const id = useId();
  const says = error ?? hint;
  const is = useAbout(id, label, about, says && `${id}-says`);
  return (
    <div className={`field ${className ?? ''}`}>
      <Label id={id} button={is.button}>
        {label}
        {suffix && <span className="text-soft">, {suffix}</span>}
      </Label>
      <input
        id={id}
        className="entry"
        size={8}
        inputMode={step ? 'decimal' : 'text'}
        autoComplete="off"
        // A field that is opened to be typed in at once is what the person asked for.
        // eslint-disable-next-line jsx-a11y/no-autofocus
        autoFocus={autoFocus}
        value={typed}
        placeholder={placeholder}
        aria-invalid={Boolean(error)}
        aria-describedby={is.describedBy}
        onChange={(e) => onType(e.target.value)}
        onBlur={onLeave}
        onKeyDown={(e) => {
          if (e.key === 'Enter') onEnter?.();
          if (!step || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
          e.preventDefault();
          const by = (e.key === 'ArrowUp' ? step : -step) * (e.shiftKey ? 10 : 1);
          onType(String(Math.round(((numberOf(typed) ?? 0) + by) * 1000) / 1000));
        }}
      />
      {says && (
        <p id={`${id}-says`} className={error ? 'wrong' : 'mt-[2px] text-[0.8rem]'}>
          {says}
        </p>
      )}
      {is.line}
    </div>
  );
}

/** The number in a text, with a comma or a point; null when it is none yet. */
export function numberOf(text: string): number | null {
  const number = Number(text.trim().replace(',', '.'));
  return text.trim() && Number.isFinite(number) ? number : null;
}
