import { useId } from 'react';
import { Legend, useAbout } from './about';

type Props<T extends string> = {
  label: string;
  value: T;
  choices: { name: T; label: string }[];
  onChoose: (name: T) => void;
  hint?: string;
  /** What the field means. */
  about?: string;
  className?: string;
};

/** A few ways side by side, of which one is chosen. */
export function Segmented<T extends string>({
  label,
  value,
  choices,
  onChoose,
  hint,
  about,
  className,
}: Props<T>) {
  const id = useId();
  const is = useAbout(id, label, about);
  return (
    <fieldset
      className={`field ${className ?? ''}`}
      aria-labelledby={`${id}-label`}
      aria-describedby={is.describedBy}
    >
      <Legend id={id} label={label} button={is.button} />
      <div className="segmented clear-both self-start">
        {choices.map((choice) => (
          <label key={choice.name}>
            <input
              type="radio"
              name={id}
              checked={choice.name === value}
              onChange={() => onChoose(choice.name)}
            />
            <span className="pointer-events-none">{choice.label}</span>
          </label>
        ))}
      </div>
      {hint && <p className="mt-[2px] text-[0.8rem]">{hint}</p>}
      {is.line}
    </fieldset>
  );
}
