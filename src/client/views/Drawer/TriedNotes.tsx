import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useDrawerChanges, type Thing, type Tried } from '../../app/drawer';

/** What was tried with this thing: it counts for more than any sum. */
export function TriedNotes({ thing, tried, things }: { thing: Thing; tried: Tried[]; things: Thing[] }) {
  const { note, forget } = useDrawerChanges();
  const mine = tried.filter((t) => [t.machine, t.foot, t.needle].includes(thing.id));
  const nameOf = (id: string | null | undefined) => things.find((t) => t.id === id)?.name ?? '';
  const other = thing.kind === 'machine' ? 'foot' : 'machine';
  const [choice, setChoice] = useState('');
  const [width, setWidth] = useState('');
  const say = (clears: boolean) =>
    void note({
      machine: thing.kind === 'machine' ? thing.id : choice,
      foot: thing.kind === 'machine' ? choice : thing.id,
      needle: null,
      clears,
      width: Number(width) || null,
    });
  return (
    <section className="sheet" aria-label="Tested by you">
      <h2>Tested by you</h2>
      {mine.length === 0 && (
        <p className="mt-1 text-sm text-soft">
          Nothing yet. Turn the handwheel through one stitch and note what you saw; that overrides the
          calculation.
        </p>
      )}
      <ul className="mt-1 grid gap-1">
        {mine.map((t) => (
          <li key={t.id} className="flex items-start gap-2 border-t border-rule py-1.5 first:border-0">
            <span className="flex-1 text-[0.95rem]">
              <b>{t.clears ? '✓ clears' : '✕ hits'}</b>{' '}
              {[t.machine, t.foot, t.needle]
                .filter((id) => id && id !== thing.id)
                .map(nameOf)
                .join(', ')}
              {t.width > 0 && `, ${t.width} mm wide`}
              <span className="block text-sm text-soft">
                {t.on}
                {t.note && `: ${t.note}`}
              </span>
            </span>
            <button
              type="button"
              className="grid h-11 w-11 place-items-center rounded-lg"
              aria-label={`Delete the note of ${t.on}`}
              onClick={() => void forget(t)}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {thing.kind !== 'needle' && (
        <div className="mt-2 grid gap-2 border-t border-rule pt-3">
          <div className="grid grid-cols-[1fr_5.5rem] gap-2">
            <label className="field">
              {other === 'foot' ? 'With the foot' : 'On the machine'}
              <select className="entry" value={choice} onChange={(e) => setChoice(e.target.value)}>
                <option value="">choose</option>
                {things
                  .filter((t) => t.kind === other)
                  .map((t) => (
                    <option key={t.id} value={t.id}>
                      {t.name}
                    </option>
                  ))}
              </select>
            </label>
            <label className="field">
              Width, mm
              <input
                className="entry"
                inputMode="decimal"
                value={width}
                placeholder="straight"
                onChange={(e) => setWidth(e.target.value.replace(',', '.'))}
              />
            </label>
          </div>
          <div className="flex gap-2">
            <button type="button" className="btn flex-1" disabled={!choice} onClick={() => say(true)}>
              Needle clears
            </button>
            <button type="button" className="btn quiet flex-1" disabled={!choice} onClick={() => say(false)}>
              Needle hits
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
