import { Download, Upload } from 'lucide-react';
import { useId, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { components } from '../api/schema';
import { ask, saysOf } from '../api/http';
import { keeping } from '../app/kept';
import { notify } from '../app/notice';
import { useUnits } from '../app/workroom';

type Report = components['schemas']['CsvReport'];

type Props = {
  /** Where the table is, such as <c>/api/swatches/csv</c>. */
  at: string;
  /** What narrows it on the way out. */
  query?: Record<string, string>;
  /** What a line is, one and several. */
  one: string;
  many: string;
};

/** A table, out and in. What is wrong with a file is said line by line, and nothing is taken in meanwhile. */
export function CsvTray({ at, query = {}, one, many }: Props) {
  const id = useId();
  const units = useUnits();
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<Report | null>(null);
  const [trouble, setTrouble] = useState('');
  const send = async (table: File, anyway: boolean) => {
    setTrouble('');
    let came: Report;
    try {
      const answer = await keeping(
        ask(`${at}?${new URLSearchParams({ units, anyway: String(anyway) })}`, {
          method: 'POST',
          headers: { 'content-type': 'text/csv' },
          // As it lies there: which letters it is written in, its first bytes say.
          body: table,
        }),
      );
      came = (await answer.json()) as Report;
    } catch (error) {
      setReport(null);
      setTrouble(saysOf(error));
      return;
    }
    if (came.taken > 0) {
      notify({ says: `${came.taken} ${came.taken === 1 ? one : many} imported.` });
      await queries.invalidateQueries();
    }
    setReport(came.wrong.length > 0 || came.taken === 0 ? came : null);
  };
  return (
    <div className="no-print min-w-0">
      <div className="flex flex-wrap items-center gap-1">
        <a
          className="btn bare"
          href={`${at}?${new URLSearchParams({ ...query, units })}`}
          download
          onClick={() =>
            notify({ says: `${many[0]!.toUpperCase()}${many.slice(1)} exported: look among your downloads.` })
          }
        >
          <Download size={17} aria-hidden /> Export CSV
        </a>
        <label className="btn bare focus-within:outline-3 focus-within:outline-indigo" htmlFor={id}>
          <Upload size={17} aria-hidden /> Import CSV
          <input
            id={id}
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = '';
              if (!chosen) return;
              setFile(chosen);
              void send(chosen, false);
            }}
          />
        </label>
      </div>
      {trouble && <p className="stop mt-2">{trouble}</p>}
      {report && (
        <section className="care mt-2" aria-label="What is wrong with the file">
          <b className="block">
            {report.taken > 0
              ? `${report.taken} imported; these lines were skipped:`
              : report.wrong.length > 0
                ? 'Nothing imported yet:'
                : 'There is nothing in this file.'}
          </b>
          <ul className="my-1 max-h-48 overflow-auto">
            {report.wrong.map((line, i) => (
              <li key={i}>
                Line {line.line}
                {line.column && `, ${line.column}`}: {line.says}
              </li>
            ))}
          </ul>
          {report.taken === 0 && report.good > 0 && file && (
            <button type="button" className="btn mt-1" onClick={() => void send(file, true)}>
              Import the other {report.good}
            </button>
          )}
        </section>
      )}
    </div>
  );
}
