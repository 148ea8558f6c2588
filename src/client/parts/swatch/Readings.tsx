import { useId } from 'react';
import type { Field, Length } from '../../api/types';
import { Label, useAbout } from '../about';
import { Measure } from '../Measure';

type Props = {
  /** The reading as its technique declares it. */
  field: Field;
  text: string;
  error: string | undefined;
  /** Their mean and spread, where there are several. */
  stats?: { count: number; mean: Length; spread: Length };
  /** Whether the swatch was just added and waits for its first figure. */
  waits: boolean;
  type: (text: string) => void;
  keep: () => void;
};

/** Readings of one kind, entered with full hands: number, enter, number, enter. Several are parted by a semicolon. */
export function Readings({ field, text, error, stats, waits, type, keep }: Props) {
  const id = useId();
  const is = useAbout(id, field.label, field.says, `${id}-says`);
  const count = text.split(';').filter((t) => t.trim()).length;
  return (
    <div className="field" data-reading>
      <Label id={id} button={is.button}>
        {field.label}
      </Label>
      <input
        id={id}
        className="entry"
        autoComplete="off"
        // A swatch that was just added waits for its first figure.
        // eslint-disable-next-line jsx-a11y/no-autofocus
        autoFocus={waits}
        value={text}
        placeholder={field.isNeeded ? '' : 'optional'}
        aria-invalid={Boolean(error)}
        aria-describedby={is.describedBy}
        onChange={(e) => type(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          keep();
          const entries = [
            ...e.currentTarget
              .closest('li')!
              .querySelectorAll<HTMLInputElement>('[data-reading] input.entry'),
          ];
          entries[entries.indexOf(e.currentTarget) + 1]?.focus();
        }}
      />
      <p id={`${id}-says`} className={error ? 'wrong' : 'mt-[2px] text-[0.8rem]'}>
        {error ??
          (count > 1 && stats?.count === count ? (
            <>
              mean <Measure text={stats.mean.text} />, spread <Measure text={stats.spread.text} />
            </>
          ) : waits || (field.isNeeded && count === 0) ? (
            'more than one? 30; 31 (cm)'
          ) : (
            ''
          ))}
      </p>
      {is.line}
    </div>
  );
}
