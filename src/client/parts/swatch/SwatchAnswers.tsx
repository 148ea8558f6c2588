import { useState } from 'react';
import type { Choice } from '../../api/types';
import { readDraft, takeDraft, writeDraft } from '../../app/drafts';
import type { Swatch } from './useSwatches';

/** Whether predictions learn from it; shown as chosen at once, before it is kept. */
export function Counts({ counts, set }: { counts: boolean; set: (counts: boolean) => Promise<unknown> }) {
  const [chosen, setChosen] = useState<boolean | null>(null);
  return (
    <label className="flex min-h-11 items-center gap-2 text-[0.92rem]">
      <input
        type="checkbox"
        className="size-5"
        checked={chosen ?? counts}
        onChange={(e) => {
          setChosen(e.target.checked);
          void set(e.target.checked).then(() => setChosen(null));
        }}
      />
      Use in estimates
    </label>
  );
}

/** What is seen on it, as looks that are ticked. */
export function Looks({
  looks,
  seen,
  see,
}: {
  looks: Choice[];
  seen: string[];
  see: (list: string[]) => void;
}) {
  return (
    <fieldset>
      <legend className="text-[0.84rem] text-soft">What do you see?</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {looks.map((look) => {
          const on = seen.includes(look.name);
          return (
            <button
              key={look.name}
              type="button"
              aria-pressed={on}
              className={`min-h-11 rounded-full px-3.5 text-[0.9rem] font-semibold shadow-[inset_0_0_0_1px_var(--rule)] ${on ? 'bg-ink text-paper' : 'bg-ground text-ink'}`}
              onClick={() => see(on ? seen.filter((s) => s !== look.name) : [...seen, look.name])}
            >
              {look.label}
            </button>
          );
        })}
      </div>
      {looks
        .filter((look) => seen.includes(look.name) && look.follows)
        .map((look) => (
          <p key={look.name} className="mt-1 text-[0.88rem] text-soft">
            {look.label}: {look.follows}
          </p>
        ))}
    </fieldset>
  );
}

/** What she writes beside it; kept as a draft until it is saved. */
export function Note({ swatch, keep }: { swatch: Swatch; keep: (note: string) => Promise<object> }) {
  const draft = `${swatch.id}.note`;
  const [typed, setTyped] = useState<string | undefined>(() => takeDraft<{ note: string }>(draft).note);
  // The draft goes only once it is kept, and only if nothing was typed over it meanwhile.
  const keepTyped = async (note: string) => {
    const isKept = Object.keys(await keep(note)).length === 0;
    if (isKept && readDraft<{ note: string }>(draft).note === note) writeDraft(draft, {});
  };
  return (
    <label className="field">
      Note
      <textarea
        className="entry"
        rows={2}
        maxLength={4000}
        value={typed ?? swatch.note}
        onChange={(e) => {
          setTyped(e.target.value);
          writeDraft(draft, { note: e.target.value });
        }}
        onBlur={() => typed !== undefined && void keepTyped(typed)}
      />
    </label>
  );
}
