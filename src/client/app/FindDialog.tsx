import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, value } from '../api/http';
import type { components } from '../api/schema';
import { DialogBox } from './DialogBox';
import { fetchWords } from './help';
import { found as placesFor, usePlaces } from './places';

const kinds: Record<string, string> = {
  project: 'project',
  working: 'working',
  swatch: 'swatch note',
  keep: 'finished part',
};

type Props = {
  /** What was typed before the dialog had come. */
  begun: string;
  close: () => void;
};

/** Finds anything by its words; arrows choose, enter goes there. */
export function FindDialog({ back, ...finder }: Props & { back: Element | null }) {
  return (
    <DialogBox
      title="Search"
      className="top-[12vh] max-h-[76vh] w-[min(36rem,94vw)] overflow-auto"
      close={finder.close}
      back={back}
    >
      <Finder {...finder} />
    </DialogBox>
  );
}

/** Something that was found. */
type Row = { key: string; title: string; where: string; to?: string; open?: () => void };

/** Where what is kept is opened. */
function pathOf(row: components['schemas']['FoundRow'], text: string) {
  if (row.thing) return `/supplies/thing/${row.thing}`;
  if (row.kind === 'swatch')
    return row.working ? `/parts/${row.working}/sample` : `/swatches?text=${encodeURIComponent(text)}`;
  return row.working ? `/parts/${row.working}` : `/#${row.project}`;
}

function Finder({ begun, close }: Props) {
  const [text, setText] = useState(begun);
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const found = useQuery({
    queryKey: ['find', text.trim()],
    enabled: text.trim().length > 0,
    queryFn: () => value(api.GET('/api/find', { params: { query: { q: text.trim() } } })),
    placeholderData: (last) => last,
  });
  const places = usePlaces();
  useEffect(() => void fetchWords(), []);
  const rows: Row[] = [
    ...((text.trim() ? found.data : undefined) ?? []).map((row, i) => ({
      key: `${row.kind}${row.thing ?? row.working ?? row.project}${i}`,
      title: row.title,
      where: `${kinds[row.kind] ?? row.kind}${row.where ? ` in ${row.where}` : ''}`,
      to: pathOf(row, text.trim()),
    })),
    ...placesFor(places, text).map((place) => ({
      ...place,
      key: `${place.kind} ${place.title}`,
      where: place.kind,
    })),
  ];
  const go = (place: number) => {
    const row = rows[place];
    if (!row) return;
    close();
    if (row.open) row.open();
    else void navigate(row.to!);
  };
  return (
    <>
      <input
        className="entry"
        aria-label="Search for"
        role="combobox"
        aria-expanded={rows.length > 0}
        aria-controls="found"
        aria-activedescendant={rows.length > 0 ? `found-${at}` : undefined}
        placeholder="Search your things, methods, screens and words"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown') setAt(Math.min(rows.length - 1, at + 1));
          else if (e.key === 'ArrowUp') setAt(Math.max(0, at - 1));
          else if (e.key === 'Enter') go(at);
          else return;
          e.preventDefault();
        }}
      />
      <div id="found" role="listbox" aria-label="Search results" className="mt-3 grid gap-1">
        {rows.map((row, i) => (
          <div
            key={row.key}
            id={`found-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === at}
            className="flex min-h-11 cursor-pointer items-baseline gap-3 rounded-md px-3 py-2 aria-selected:bg-ink aria-selected:text-paper"
            onClick={() => go(i)}
            onKeyDown={(e) => e.key === 'Enter' && go(i)}
          >
            <b className="min-w-0 break-words">{row.title}</b>
            <span className="ml-auto shrink-0 text-sm">{row.where}</span>
          </div>
        ))}
      </div>
      {text.trim() && found.isSuccess && rows.length === 0 && (
        <p className="mt-2 text-soft">No matches. Try a shorter word.</p>
      )}
    </>
  );
}
