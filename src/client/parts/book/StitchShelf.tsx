import { useState, type ReactNode } from 'react';
import { useDrawer, useKinds, type Thing } from '../../app/drawer';
import type { Drawing } from '../../api/types';
import { StitchStrip } from '../../drawing/StitchStrip';
import { Measure } from '../Measure';

/** The kind of thing that stands in the stitch book. */
export const stitchKind = 'machine-stitch';

/** The stitches that are kept. */
export function useStitches() {
  return useDrawer().data?.things.filter((t) => t.kind === stitchKind) ?? [];
}

/** The stitches of the book, found by what they look like and by the machine that sews them. */
export function StitchShelf({ tile }: { tile: (stitch: Thing) => ReactNode }) {
  const all = useStitches();
  const looks = useKinds()
    .data?.find((k) => k.name === stitchKind)
    ?.fields.find((f) => f.name === 'look')?.choices;
  const machines = [...new Set(all.map((t) => machineOf(t)).filter(Boolean))].sort();
  const [machine, setMachine] = useState('');
  const [look, setLook] = useState('');
  const there = all.filter((t) => !machine || machineOf(t) === machine);
  const shown = there
    .filter((t) => !look || said(t).look === look)
    .sort((a, b) => numberOf(a) - numberOf(b) || a.name.localeCompare(b.name, 'en'));
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="What does it look like?">
        {machines.length > 1 && (
          <select
            className="entry !w-auto"
            aria-label="On which machine"
            value={machine}
            onChange={(e) => setMachine(e.target.value)}
          >
            <option value="">every machine</option>
            {machines.map((name) => (
              <option key={name}>{name}</option>
            ))}
          </select>
        )}
        {looks
          ?.filter((l) => there.some((t) => said(t).look === l.name))
          .map((l) => (
            <button
              key={l.name}
              type="button"
              title={l.follows}
              aria-pressed={look === l.name}
              className={`min-h-11 rounded-full px-3.5 text-[0.92rem] font-semibold shadow-[inset_0_0_0_1px_var(--rule)] ${look === l.name ? 'bg-ink text-paper' : 'bg-paper text-ink'}`}
              onClick={() => setLook(look === l.name ? '' : l.name)}
            >
              {l.label}
            </button>
          ))}
      </div>
      <ul className="grid gap-2.5 [grid-template-columns:repeat(auto-fill,minmax(158px,1fr))]">
        {shown.map((t) => (
          <li key={t.id}>{tile(t)}</li>
        ))}
      </ul>
    </div>
  );
}

/** A stitch as it looks: its picture, its number there, its name and its settings. */
export function StitchFace({ stitch }: { stitch: Thing }) {
  const { number } = said(stitch);
  const picture = pictureOf(stitch);
  const of = (name: string) => stitch.understood[name]?.text;
  return (
    <span className="grid gap-1.5 text-left">
      {picture && <StitchStrip drawing={picture} width={138} height={52} />}
      <span className="flex items-baseline gap-2">
        {number && <b className="fig text-[1.5rem] leading-none">{number}</b>}
        <b className="min-w-0 leading-tight break-words">{stitch.name}</b>
      </span>
      <span className="text-[0.84rem] text-soft">
        {of('length') && (
          <>
            <Measure text={of('length')!} /> long
          </>
        )}
        {of('width') && (
          <>
            , <Measure text={of('width')!} /> wide
          </>
        )}
      </span>
    </span>
  );
}

/** A stitch as it is drawn; null where nothing is known of it. */
export const pictureOf = (t: { drawing?: unknown }) => (t.drawing ?? null) as Drawing | null;

const said = (t: Thing) => t.properties as Record<string, string | undefined>;
const machineOf = (t: Thing) => said(t).onMachine ?? '';
const numberOf = (t: Thing) => Number.parseInt(said(t).number ?? '', 10) || 1e6;
