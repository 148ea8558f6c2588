import { useState } from 'react';
import type { Answer, Length } from '../../api/types';
import { Measure } from '../../parts/Measure';

type Setting = {
  row: number;
  /** Of a border, which side; or empty. */
  side: string;
  stitch: string;
  length: Length;
  /** The figure on the length dial, where it is known. */
  set?: Length;
  repeats: number;
  repeat: Length;
  /** Where the first repeat begins, from the row’s end. */
  start: Length;
};

/** How each row is set, where it begins and how many repeats it holds; rows that are set alike stand together. */
export function RowList({ answer, folded }: { answer: Answer | null; folded?: boolean }) {
  // A long list is laid out only where it is looked at, so that typing does not wait for it.
  const [isOpen, setOpen] = useState(!folded);
  const settings = (answer as (Answer & { settings?: Setting[] }) | null)?.settings;
  if (!settings?.length) return null;
  const groups = isOpen ? alike(settings) : [];
  const knows = settings.some((s) => s.set);
  const several = new Set(settings.map((s) => s.stitch)).size > 1;
  return (
    <details className="sheet row-list" open={isOpen} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 content-center font-semibold">Row by row</summary>
      {/* What is wider than its room is read by arrow keys too. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div className="overflow-x-auto" role="region" aria-label="Row by row" tabIndex={0}>
        <table>
          <thead>
            <tr>
              <th scope="col">Row</th>
              {several && <th scope="col">Stitch</th>}
              {knows && <th scope="col">Length to set</th>}
              <th scope="col">Start at</th>
              <th scope="col">Repeats</th>
            </tr>
          </thead>
          <tbody>
            {groups.map((rows) => {
              const first = rows[0]!;
              return (
                <tr key={first.row + first.side}>
                  <td>
                    {spanOf(rows.map((r) => r.row))} {first.side}
                  </td>
                  {several && <td>{first.stitch.split(',')[0]}</td>}
                  {knows && (
                    <td className="fig">{first.set ? <Measure text={first.set.text} /> : 'as it is'}</td>
                  )}
                  <td className="fig">
                    <Measure text={first.start.text} />
                  </td>
                  <td className="fig">{first.repeats || 'no complete repeat: trim'}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** The same, folded to a line. */
export const FoldedRowList = ({ answer }: { answer: Answer | null }) => <RowList answer={answer} folded />;

/** Rows with one stitch, one setting and one beginning, in the order of the first of them. */
function alike(settings: Setting[]) {
  const groups = new Map<string, Setting[]>();
  for (const s of settings) {
    const key = [s.side, s.stitch, s.set?.mm, s.repeats, s.start.text].join();
    groups.set(key, [...(groups.get(key) ?? []), s]);
  }
  return [...groups.values()];
}

/** Numbers in few words: 4–9, 12. */
export function spanOf(numbers: number[]) {
  const parts: [number, number][] = [];
  for (const n of numbers) {
    const last = parts.at(-1);
    if (last && n === last[1] + 1) last[1] = n;
    else parts.push([n, n]);
  }
  return parts.map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`)).join(', ');
}
