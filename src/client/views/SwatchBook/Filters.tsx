import { useId } from 'react';
import type { components } from '../../api/schema';

type Facets = components['schemas']['BookFacets'];
type Facet = components['schemas']['FacetOut'];

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
    <search className="no-print flex flex-wrap items-end gap-x-4 gap-y-2" aria-label="Filter the swatches">
      <label className="field flex-1 basis-52" htmlFor={id}>
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
      <Choose
        label="Technique"
        any="all techniques"
        facets={facets.techniques}
        name="technique"
        filter={filter}
        set={set}
      />
      <Choose
        label="Fabric"
        any="all fabrics"
        facets={facets.cloths}
        name="cloth"
        filter={filter}
        set={set}
      />
      <Choose label="Foot" any="any foot" facets={facets.feet} name="foot" filter={filter} set={set} />
      <Choose
        label="Machine"
        any="any machine"
        facets={facets.machines}
        name="machine"
        filter={filter}
        set={set}
      />
      <Choose label="Year" any="all years" facets={facets.years} name="year" filter={filter} set={set} />
      <Choose
        label="Result"
        any="all results"
        facets={facets.verdicts}
        name="verdict"
        filter={filter}
        set={set}
      />
      {clear && (
        <button type="button" className="btn bare" onClick={clear}>
          Clear filters
        </button>
      )}
    </search>
  );
}

function Choose({
  label,
  any,
  facets,
  name,
  filter,
  set,
}: {
  label: string;
  any: string;
  facets: Facet[];
  name: string;
  filter: Record<string, string>;
  set: Props['set'];
}) {
  const id = useId();
  return (
    <div className="field flex-1 basis-36">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        className="entry"
        value={filter[name] ?? ''}
        onChange={(e) => set(name, e.target.value)}
      >
        <option value="">{any}</option>
        {facets.map((f) => (
          <option key={f.name} value={f.name}>
            {f.label} ({f.count})
          </option>
        ))}
      </select>
    </div>
  );
}
