import { useId } from 'react';
import { Legend, useAbout } from '../../parts/about';
import type { FieldLeaf } from '../../parts/ask/AskFields';

/** Where the rows of each school lie about the seam line, in row gaps, for its small picture. */
const pictures: Record<string, number[]> = {
  'two-inside': [-1.5, -0.5],
  'two-straddling': [-0.5, 0.5],
  'three-straddling': [-1.5, -0.5, 0.5],
  'over-threads': [-0.5],
};

/** The schools of rows, each with a picture; what follows from the chosen one is said below. */
export const RowsChoice: FieldLeaf = ({ field, ask, set }) => {
  const id = useId();
  const is = useAbout(id, field.label, field.says);
  const choices = field.choices ?? [];
  const value = String(ask[field.name] ?? '');
  return (
    <fieldset className="field min-w-0" aria-labelledby={`${id}-label`} aria-describedby={is.describedBy}>
      <Legend id={id} label={field.label} button={is.button} />
      <div className="segmented clear-both flex-wrap self-start">
        {choices.map((choice) => (
          <label key={choice.name} title={choice.follows} className="!flex items-center gap-2">
            <input
              type="radio"
              name={id}
              checked={choice.name === value}
              onChange={() => set(field.name, choice.name)}
            />
            <RowsPicture name={choice.name} />
            <span className="pointer-events-none">{choice.label}</span>
          </label>
        ))}
      </div>
      <p className="mt-[2px] max-w-[46rem] text-[0.8rem]">{choices.find((c) => c.name === value)?.follows}</p>
      {is.line}
    </fieldset>
  );
};

function RowsPicture({ name }: { name: string }) {
  const y = (gaps: number) => 15 + gaps * 6;
  return (
    <svg width={26} height={24} aria-hidden className="pointer-events-none" stroke="currentColor" fill="none">
      <path d="M0 1.5H26" strokeWidth={2} />
      {name === 'over-threads' ? (
        <path d={`M1 ${y(-0.5)}H26M1 ${y(-0.5) + 3}l4 -6 4 6 4 -6 4 6 4 -6 4 6`} strokeWidth={1.3} />
      ) : (
        (pictures[name] ?? []).map((gap) => (
          <path key={gap} d={`M1 ${y(gap)}H26`} strokeDasharray="6 3" strokeWidth={1.7} />
        ))
      )}
      <path d={`M1 ${y(0)}H26`} strokeDasharray="0.1 4" strokeLinecap="round" strokeWidth={2} />
    </svg>
  );
}
