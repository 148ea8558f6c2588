import { useQueryClient } from '@tanstack/react-query';
import { Download, Upload } from 'lucide-react';
import { useId, useRef, useState } from 'react';
import { ask, saysOf } from '../../api/http';
import type { components } from '../../api/schema';
import { useBackups } from '../../app/backups';
import { onDay } from '../../app/dates';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { useUnits } from '../../app/workroom';
import { Segmented } from '../../parts/Segmented';

type Report = components['schemas']['ArchiveReport'];
type Differing = 'mine' | 'theirs' | 'both';

const kinds: Record<string, string> = {
  things: 'things of your supplies',
  tried_notes: 'your needle tests',
  projects: 'projects',
  workings: 'workings',
  swatches: 'swatches',
  cut_lists: 'cut lists',
  keeps: 'summaries',
  practices: 'tries on the simulated machine',
  photographs: 'photographs',
};

/** Everything in one file, out and in: what a file would bring is shown before anything is changed. */
export function Everything() {
  const id = useId();
  const units = useUnits();
  const queries = useQueryClient();
  const turn = useTurn();
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<Report | null>(null);
  const [differing, setDiffering] = useState<Differing>('mine');
  const [busy, setBusy] = useState('');
  const [trouble, setTrouble] = useState('');
  const stop = useRef<AbortController>(null);

  const send = async <T,>(chosen: File, path: string, says: string): Promise<T | null> => {
    setBusy(says);
    setTrouble('');
    stop.current = new AbortController();
    try {
      const answer = await ask(`/api/archive${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/zip' },
        body: chosen,
        signal: stop.current.signal,
      });
      return (await answer.json()) as T;
    } catch (error) {
      if (!stop.current.signal.aborted) setTrouble(saysOf(error));
      return null;
    } finally {
      setBusy('');
    }
  };
  const look = async (chosen: File) => {
    setFile(chosen);
    setReport(null);
    setDiffering('mine');
    setReport(await send<Report>(chosen, '/look', 'Checking the file…'));
  };
  const bringIn = async () => {
    const came = await keeping(send<{ count: number }>(file!, `?differing=${differing}`, 'Importing…'));
    if (!came) return;
    setReport(null);
    await queries.invalidateQueries();
    notify(
      came.count === 0
        ? { says: 'Nothing new to import.' }
        : {
            says: `${came.count} ${came.count === 1 ? 'record' : 'records'} brought in.`,
            action: { label: 'Undo', run: () => void turn('undo') },
          },
    );
  };
  const comes = report?.lists.filter((l) => l.new + l.same + l.differing > 0) ?? [];
  const isNothing = comes.every((l) => l.new + l.differing === 0) && !report?.differing.length;
  return (
    <section className="sheet grid content-start gap-4 md:col-span-2" aria-label="Export and import">
      <div>
        <h2>Export and import</h2>
        <p className="max-w-prose text-soft">
          Projects, swatches with their photographs, your supplies, what was cut and how it turned out: to put
          aside, or to move to another computer. One project alone is exported from Projects.
        </p>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <a
          className="btn"
          href="/api/archive"
          download
          onClick={() => notify({ says: 'Everything exported: look among your downloads.' })}
        >
          <Download size={17} aria-hidden /> Export everything
        </a>
        <label className="btn quiet focus-within:outline-3 focus-within:outline-indigo" htmlFor={id}>
          <Upload size={17} aria-hidden /> Import
          <input
            id={id}
            type="file"
            accept=".zip,application/zip"
            className="sr-only"
            disabled={Boolean(busy)}
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = '';
              if (chosen) void look(chosen);
            }}
          />
        </label>
        {busy && (
          <>
            <span role="status" className="text-soft">
              {busy}
            </span>
            <button type="button" className="btn bare" onClick={() => stop.current?.abort()}>
              Stop
            </button>
          </>
        )}
      </div>
      {trouble && (
        <p role="alert" className="stop">
          {trouble}
        </p>
      )}
      {report && !busy && (
        <section className="grid gap-3" aria-label={`Contents of ${file?.name}`}>
          <h3>
            {file?.name}, made on {onDay(report.madeAt, units)}
          </h3>
          {isNothing ? (
            <p>Everything in it is already here.</p>
          ) : (
            <>
              <table className="w-full max-w-xl text-[0.95rem]">
                <thead>
                  <tr className="text-left text-soft">
                    <th scope="col" className="py-1 pr-3 font-semibold">
                      What
                    </th>
                    <th scope="col" className="pr-3 text-right font-semibold">
                      new
                    </th>
                    <th scope="col" className="pr-3 text-right font-semibold">
                      already here
                    </th>
                    <th scope="col" className="pr-3 text-right font-semibold">
                      different
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {comes.map((l) => (
                    <tr key={l.list} className="border-t border-rule">
                      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                        {kinds[l.list] ?? l.list}
                      </th>
                      {[l.new, l.same, l.differing].map((n, i) => (
                        <td
                          key={i}
                          className={`pr-3 text-right ${i !== 1 && n ? 'font-semibold' : 'text-soft'}`}
                        >
                          {n || '–'}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
              {report.differing.length > 0 && (
                <Segmented
                  label={`Changed here or there since: ${report.differing.join(', ')}`}
                  value={differing}
                  choices={[
                    { name: 'mine', label: 'keep mine' },
                    { name: 'theirs', label: 'use the imported one' },
                    { name: 'both', label: 'keep both' },
                  ]}
                  onChoose={(name) => setDiffering(name as Differing)}
                />
              )}
              <div className="flex flex-wrap gap-2">
                <button type="button" className="btn" onClick={() => void bringIn()}>
                  Import it
                </button>
                <button type="button" className="btn quiet" onClick={() => setReport(null)}>
                  Cancel
                </button>
              </div>
            </>
          )}
        </section>
      )}
      <Backups />
    </section>
  );
}

/** When the last backup was made, of those that make themselves. */
function Backups() {
  const units = useUnits();
  const backups = useBackups();
  if (!backups) return null;
  const { folder, last, isLate } = backups;
  return (
    <p className={isLate ? 'care' : 'text-soft'}>
      {!folder
        ? 'The database is not this program’s own: its backups are made where it runs.'
        : last
          ? `Last backup: ${onDay(last, units)}`
          : 'No backup has been made yet'}
      {folder && (
        <>
          . Stored in <span className="break-all">{folder}</span>. To restore:{' '}
          <code>./run --restore FILE</code>.
        </>
      )}
    </p>
  );
}
