import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, post, value } from '../../api/http';
import { newId } from '../../api/id';
import type { Ask, Finding, Units } from '../../api/types';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { Findings } from '../../parts/Findings';
import { Measure } from '../../parts/Measure';
import type { StageProps } from '../registry';
import type { Gathers } from './answer';
import { CutSheet } from './CutSheet';
import { Drawings } from './Drawings';
import { MarksTable } from './MarksTable';
import { ToCut } from './ToCut';

/** Cut: strips, cloth, layout, the marks of both edges, and the freezing of it all. */
export function Cut({ working, reckoning, units }: StageProps) {
  const answer = reckoning.answer as Gathers | null;
  const { lists, freeze, takeBack } = useCutLists(working.id, units);
  if (!answer) {
    return (
      <p className="sheet">
        There is nothing to cut yet: <Link to={`/workings/${working.id}/plan`}>the plan</Link> still misses a
        figure.
      </p>
    );
  }
  const last = lists?.[0];
  const stops = answer.findings.some((f) => f.severity === 'stop');
  return (
    <>
      <div className="no-print grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-6">
          {last && <SinceCut then={last.ask as Ask} now={working.ask} units={units} cutAt={last.cutAt} />}
          <Drawings answer={answer} cloth={working.cloth} units={units} only={['layout', 'edges']} />
          <MarksTable answer={answer} closed={working.ask.closed === true} />
        </div>
        <aside className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <ToCut
            answer={answer}
            isOld={reckoning.isOld}
            there={working.ask.clothAtHand as string | undefined}
          >
            <p className="mt-3 text-sm text-soft">
              Wind {answer.rowOffsets.length} × <Measure text={answer.threadPerRow.text} /> of strong thread
              on the bobbin; with the needle thread and 15 % to spare{' '}
              <Measure text={answer.threadTotal.text} /> in all.
            </p>
            <div className="mt-4 flex flex-wrap gap-2">
              {last ? (
                <Link className="btn" to={`/workings/${working.id}/sew`}>
                  Go on to sew
                </Link>
              ) : (
                <button
                  type="button"
                  className="btn"
                  disabled={reckoning.isOld || stops}
                  onClick={() => void freeze()}
                >
                  Cut it
                </button>
              )}
              <button type="button" className="btn quiet" onClick={() => print()}>
                Print
              </button>
            </div>
            {stops && !last && <p className="wrong">It cannot be cut like this: see what stops it.</p>}
            {last && (
              <p className="mt-3 text-sm">
                Cut list frozen {new Date(last.cutAt).toLocaleDateString('en-GB')}, resting on{' '}
                {(last.swatches as unknown[]).length}{' '}
                {(last.swatches as unknown[]).length === 1 ? 'swatch' : 'swatches'}.
                <button type="button" className="btn bare" onClick={() => void takeBack(last.id)}>
                  Take it back
                </button>
                <button type="button" className="btn bare" onClick={() => void freeze()}>
                  Cut again
                </button>
              </p>
            )}
          </ToCut>
        </aside>
      </div>
      <CutSheet answer={answer} working={working} />
    </>
  );
}

/** The frozen cut lists of a working. */
function useCutLists(id: string, units: Units) {
  const queries = useQueryClient();
  const turn = useTurn();
  const [pending, setPending] = useState<string | null>(null);
  const lists = useQuery({
    queryKey: ['cut-lists', id],
    queryFn: () => value(api.GET('/api/workings/{id}/cut-lists', { params: { path: { id } } })),
  }).data;
  const refresh = () => queries.invalidateQueries();
  const freeze = async () => {
    // The same id again after a lost answer is the same list.
    const list = pending ?? newId();
    setPending(list);
    await keeping(
      api.POST('/api/workings/{id}/cut-lists', {
        params: { path: { id }, query: { units } as never },
        body: { id: list },
      }),
    );
    setPending(null);
    await refresh();
    notify({ says: 'The cut list is frozen.', action: { label: 'Undo', run: () => void turn('undo') } });
  };
  const takeBack = async (list: string) => {
    await keeping(api.DELETE('/api/cut-lists/{id}', { params: { path: { id: list } } }));
    await refresh();
    notify({ says: 'The cut list is taken back.', action: { label: 'Undo', run: () => void turn('undo') } });
  };
  return { lists, freeze, takeBack };
}

type Compared = { differences: { title: string; was: string; isNow: string }[]; findings: Finding[] };

/** How the plan differs from what was cut. */
function SinceCut({ then, now, units, cutAt }: { then: Ask; now: Ask; units: Units; cutAt: string }) {
  const [compared, setCompared] = useState<Compared | null>(null);
  const key = JSON.stringify({ then, now });
  useEffect(() => {
    const abort = new AbortController();
    post<Compared>('compare/pulled-gathers', JSON.parse(key), { units }, abort.signal).then(
      setCompared,
      () => {
        // While a figure is wrong there is nothing to compare; the plan says what is wrong.
      },
    );
    return () => abort.abort();
  }, [key, units]);
  if (!compared || compared.differences.length === 0) return null;
  return (
    <section className="sheet" aria-label="Changed since it was cut">
      <h2>The plan has changed since it was cut on {new Date(cutAt).toLocaleDateString('en-GB')}</h2>
      <table className="my-3 w-full text-[0.95rem]">
        <thead className="text-left text-soft">
          <tr>
            <th scope="col">What</th>
            <th scope="col" className="text-right">
              as cut
            </th>
            <th scope="col" className="text-right">
              now
            </th>
          </tr>
        </thead>
        <tbody>
          {compared.differences.map((d) => (
            <tr key={d.title} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                {d.title}
              </th>
              <td className="text-right">
                <Measure text={d.was} />
              </td>
              <td className="text-right font-bold">
                <Measure text={d.isNow} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Findings findings={compared.findings} />
    </section>
  );
}
