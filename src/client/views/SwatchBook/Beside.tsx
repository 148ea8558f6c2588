import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { api, value } from '../../api/http';
import type { Cloth } from '../../api/types';
import { useUnits } from '../../app/workroom';
import { Measure } from '../../parts/Measure';
import { rowsOf } from './facts';
import { SwatchPicture } from '../../drawing/SwatchPicture';

type Props = { ids: string[]; take: (id: string) => void; clear: () => void };

/** Two to four swatches side by side; what differs is marked. */
export function Beside({ ids, take, clear }: Props) {
  const units = useUnits();
  const laid = useQuery({
    queryKey: ['book', 'beside', ids, units],
    placeholderData: (last) => last,
    queryFn: () => value(api.GET('/api/swatches/beside', { params: { query: { id: ids, units } } })),
  }).data;
  if (!laid || laid.length === 0) return null;
  const columns = laid.map((s) => new Map(rowsOf(s).map((row) => [row.name, row])));
  const names = [...new Set(columns.flatMap((c) => [...c.keys()]))].filter((n) =>
    columns.some((c) => c.get(n)?.text),
  );
  const differs = (name: string) => new Set(columns.map((c) => c.get(name)?.text ?? '')).size > 1;
  const isResult = (name: string) => columns.some((c) => c.get(name)?.isResult);
  const count = names.filter((n) => differs(n) && !isResult(n)).length;
  return (
    <section className="sheet min-w-0" aria-label="Side by side">
      <div className="flex flex-wrap items-center gap-x-3">
        <h2 className="flex-1">
          Side by side
          {laid.length === 1 && <span className="font-normal text-soft"> · choose another to compare</span>}
          {laid.length > 1 && (
            <span className="font-normal text-soft">
              {' · '}
              {count === 0 ? 'set alike' : `${count} ${count === 1 ? 'setting differs' : 'settings differ'}`}
            </span>
          )}
        </h2>
        <button type="button" className="btn bare" onClick={clear}>
          Put them back
        </button>
      </div>
      {/* What scrolls has to be reachable by key. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="The comparison">
        <table className="w-full text-[0.93rem]">
          <thead>
            <tr>
              <td className="w-32" />
              {laid.map((s) => (
                <th key={s.swatch.id} scope="col" className="min-w-40 py-2 text-left align-bottom">
                  <span className="flex items-end gap-2">
                    <SwatchPicture
                      swatch={s.swatch}
                      cloth={s.swatch.cloth as Cloth}
                      photograph={s.photographs[0]}
                      size={64}
                    />
                    <button
                      type="button"
                      className="grid size-11 place-items-center rounded-lg"
                      aria-label={`Use these settings again: ${s.techniqueTitle}, ${s.clothName}`}
                      onClick={() => take(s.swatch.id)}
                    >
                      <X size={17} aria-hidden />
                    </button>
                  </span>
                  {s.swatch.simulated && <span className="text-[0.8rem] font-semibold">simulated</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {names.map((name) => (
              <tr key={name} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal text-soft">
                  {differs(name) && laid.length > 1 && (
                    <b className="mr-1 text-ink" title="they differ">
                      ≠<span className="sr-only"> differs:</span>
                    </b>
                  )}
                  {name}
                </th>
                {columns.map((column, i) => (
                  <td key={laid[i]!.swatch.id} className="py-1.5 pr-4">
                    <Cell
                      text={column.get(name)?.text ?? ''}
                      isBig={name === names[0]}
                      differs={differs(name) && laid.length > 1 && !isResult(name)}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Cell({ text, isBig, differs }: { text: string; isBig: boolean; differs: boolean }) {
  if (isBig) return <span className="fig text-[1.6rem]">{text || '–'}</span>;
  return differs ? (
    <mark className="rounded bg-chalk px-1 text-on-chalk">
      <Measure text={text || 'not entered'} />
    </mark>
  ) : (
    <Measure text={text || '–'} />
  );
}
