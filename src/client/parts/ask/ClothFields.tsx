import type { Cloth } from '../../api/types';

type Props = { cloth: Cloth; change: (cloth: Cloth) => void };

const patterns = [
  ['plain', 'plain'],
  ['stripe', 'striped'],
  ['check', 'checked'],
  ['dots', 'dotted'],
  ['sprig', 'sprigged'],
] as const;

/** What the cloth is called and how it looks, so that the drawing shows it. */
export function ClothLookFields({ cloth, change }: Props) {
  return (
    <>
      <label className="field flex-1 basis-52">
        Fabric name
        <input
          className="entry"
          value={cloth.name ?? ''}
          maxLength={120}
          placeholder="blue-stripe ticking"
          onChange={(e) => change({ ...cloth, name: e.target.value })}
        />
      </label>
      <label className="field">
        Pattern
        <select
          className="entry"
          value={cloth.pattern ?? 'plain'}
          onChange={(e) => change({ ...cloth, pattern: e.target.value as Cloth['pattern'] })}
        >
          {patterns.map(([name, label]) => (
            <option key={name} value={name}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <Colour
        label="Background colour"
        value={cloth.colour ?? '#f4efe3'}
        change={(colour) => change({ ...cloth, colour })}
      />
      {cloth.pattern && cloth.pattern !== 'plain' && (
        <Colour
          label="Pattern colour"
          value={cloth.accent ?? '#8fa6b8'}
          change={(accent) => change({ ...cloth, accent })}
        />
      )}
    </>
  );
}

function Colour({
  label,
  value,
  change,
}: {
  label: string;
  value: string;
  change: (colour: string) => void;
}) {
  return (
    <label className="field">
      {label}
      <input
        type="color"
        className="entry !w-14 !p-1"
        value={value}
        onChange={(e) => change(e.target.value)}
      />
    </label>
  );
}
