import { useId } from 'react';
import { useDrawer } from '../app/drawer';

type Props = {
  kind: string;
  value: string;
  set: (id: string) => void;
  label?: string;
  /** What nothing chosen means. */
  none?: string;
  error?: string;
  className?: string;
};

/** One of the things that are owned, of a kind. */
export function ThingSelect({
  kind,
  value,
  set,
  label,
  none = 'not entered',
  error,
  className = 'w-52',
}: Props) {
  const id = useId();
  const things = useDrawer().data?.things.filter((t) => t.kind === kind) ?? [];
  return (
    <div className={`field ${className}`}>
      <label className="label" htmlFor={id}>
        {label ?? { machine: 'Machine', cloth: 'Fabric', thread: 'Thread' }[kind] ?? kind}
      </label>
      <select
        id={id}
        className="entry"
        value={things.some((t) => t.id === value) ? value : ''}
        aria-invalid={Boolean(error)}
        onChange={(e) => set(e.target.value)}
      >
        <option value="">
          {kind === 'machine'
            ? none
            : `${{ cloth: 'a fabric', thread: 'a thread', foot: 'a foot', elastic: 'an elastic', hoop: 'a hoop' }[kind] ?? kind} ${none}`}
        </option>
        {things.map((t) => (
          <option key={t.id} value={t.id}>
            {t.name}
          </option>
        ))}
      </select>
      {error && <p className="wrong">{error}</p>}
    </div>
  );
}
