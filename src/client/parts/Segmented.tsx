import { useId } from 'react';

type Props<T extends string> = {
  label: string;
  value: T;
  choices: { name: T; label: string }[];
  onChoose: (name: T) => void;
  hint?: string;
  className?: string;
};

/** A few ways side by side, of which one is chosen. */
export function Segmented<T extends string>({ label, value, choices, onChoose, hint, className }: Props<T>) {
  const id = useId();
  return (
    <fieldset className={`field ${className ?? ''}`}>
      <legend className="label float-left">{label}</legend>
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
    </fieldset>
  );
}
