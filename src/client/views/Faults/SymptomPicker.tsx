import type { Drawing } from '../../api/types';
import { Portrait } from '../../drawing/Portrait';
import type { Symptom } from '../../app/faults';

/** What any technique may meet, and what only some do. */
const common = ['stitches', 'fabric', 'machine'];

const kins: Record<string, string> = {
  gathers: 'Gathers and elastic',
  tucks: 'Tucks',
  lines: 'Cords, shapes and open seams',
  edges: 'Piping and trims',
  mending: 'Darns',
  hands: 'Moved by hand',
  stitches: 'Stitches',
  fabric: 'Fabric',
  machine: 'Machine',
};

const froms: Record<string, string> = { front: 'Right side', back: 'Reverse', side: 'From the side' };

/** What can be seen, by its look; what belongs to the technique stands first. */
export function SymptomPicker({
  mine,
  all,
  seen,
  see,
  title,
  isFound,
}: {
  mine: Symptom[];
  all: Symptom[];
  seen: string[];
  see: (names: string[]) => void;
  title?: string;
  isFound: boolean;
}) {
  const toggle = (name: string) =>
    see(seen.includes(name) ? seen.filter((s) => s !== name) : [...seen, name].slice(-8));
  const others = all.filter((s) => !mine.some((m) => m.name === s.name));
  const chosen = all.filter((s) => seen.includes(s.name));
  const grid = (
    <>
      <Kins of={mine} seen={seen} toggle={toggle} commonFirst={!title} />
      {others.length > 0 && (
        <details className="mt-4">
          <summary className="min-h-11 content-center font-bold">
            What is not met with {title ?? 'this technique'}
          </summary>
          <Kins of={others} seen={seen} toggle={toggle} commonFirst={false} />
        </details>
      )}
    </>
  );
  return (
    <section aria-label="What do you see?">
      <h2 className="fig text-2xl">What do you see?</h2>
      {chosen.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-2">
          {chosen.map((s) => (
            <li key={s.name}>
              <button
                type="button"
                className="symptom w-40"
                aria-pressed
                onClick={() => toggle(s.name)}
                aria-label={`Not ${s.says} after all`}
              >
                <Portrait drawing={s.drawing as unknown as Drawing} />
                <b>{s.says} ✕</b>
              </button>
            </li>
          ))}
        </ul>
      )}
      {isFound ? (
        <details className="mt-2">
          <summary className="min-h-11 content-center font-bold">Something else as well?</summary>
          {grid}
        </details>
      ) : (
        grid
      )}
    </section>
  );
}

function Kins({
  of,
  seen,
  toggle,
  commonFirst,
}: {
  of: Symptom[];
  seen: string[];
  toggle: (name: string) => void;
  commonFirst: boolean;
}) {
  const order = Object.entries(kins);
  if (commonFirst) order.sort(([a], [b]) => Number(common.includes(b)) - Number(common.includes(a)));
  return order
    .map(([kin, title]) => ({ kin, title, symptoms: of.filter((s) => s.kin === kin) }))
    .filter((k) => k.symptoms.length > 0)
    .map(({ kin, title, symptoms }) => (
      <section key={kin} className="mt-4" aria-label={title}>
        <h3 className="font-bold">{title}</h3>
        <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9.2rem,1fr))] gap-2.5">
          {symptoms.map((s) => (
            <li key={s.name} className="contents">
              <button
                type="button"
                aria-pressed={seen.includes(s.name)}
                className="symptom"
                onClick={() => toggle(s.name)}
              >
                <Portrait drawing={s.drawing as unknown as Drawing} />
                <b>{s.says}</b>
                <span>
                  {froms[s.from]}. {s.shows}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
    ));
}
