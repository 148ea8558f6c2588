import { useId } from 'react';
import type { components } from '../../api/schema';

type Facets = components['schemas']['BookFacets'];

const choices: { name: string; label: string; any: string; of: keyof Facets }[] = [
  { name: 'technique', label: 'Technique', any: 'all techniques', of: 'techniques' },
  { name: 'cloth', label: 'Fabric', any: 'all fabrics', of: 'cloths' },
  { name: 'foot', label: 'Foot', any: 'any foot', of: 'feet' },
  { name: 'machine', label: 'Machine', any: 'any machine', of: 'machines' },
  { name: 'year', label: 'Year', any: 'all years', of: 'years' },
  { name: 'verdict', label: 'Result', any: 'all results', of: 'verdicts' },
];

type Props = {
  facets: Facets;
  filter: Record<string, string>;
  set: (name: string, to: unknown) => void;
  /** Takes all of it away; missing where nothing narrows. */
  clear?: () => void;
};

/** What the book is narrowed by: technique, cloth, foot, verdict, and any words. */
export function Filters({ facets, filter, set, clear }: Props) {
  const id = useId();
  return (
    <search className="no-print filters" aria-label="Filter the swatches">
      <label className="field" htmlFor={id}>
        Words
        <input
          id={id}
          className="entry"
          value={filter.text ?? ''}
          maxLength={200}
          placeholder="a note, a fabric, a part"
          onChange={(e) => set('text', e.target.value)}
        />
      </label>
      {choices.map(({ name, label, any, of }) => (
        <div key={name} className="field">
          <label htmlFor={`${id}-${name}`}>{label}</label>
          <select
            id={`${id}-${name}`}
            className="entry"
            value={filter[name] ?? ''}
            onChange={(e) => set(name, e.target.value)}
          >
            <option value="">{any}</option>
            {facets[of].map((f) => (
              <option key={f.name} value={f.name}>
                {f.label} ({f.count})
              </option>
            ))}
          </select>
        </div>
      ))}
      {clear && (
        <button type="button" className="btn bare justify-self-start" onClick={clear}>
          Clear filters
        </button>
      )}
    </search>
  );
}
