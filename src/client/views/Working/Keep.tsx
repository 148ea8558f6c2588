import { onDay } from '../../app/dates';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ifMatch, Refused, value } from '../../api/http';
import { newId } from '../../api/id';
import { useCard } from '../../app/useCard';
import { fieldsWithout, useDraft } from '../../app/useDraft';
import { Segmented } from '../../parts/Segmented';
import { inOrderOf } from '../../parts/inOrderOf';
import { DrawingView } from '../../drawing/DrawingView';
import { SwatchPicture } from '../../drawing/SwatchPicture';
import { useWidth } from '../../drawing/useWidth';
import { isPieceItself, PieceItself } from '../../parts/swatch/PieceItself';
import { setOf } from '../../parts/swatch/set';
import { useSwatches } from '../../parts/swatch/useSwatches';
import { beginWorking } from '../Bench/BeginWorking';
import type { StageProps } from './stage';
import { Facts } from '../../parts/Facts';

type Parts = { cameOut?: string; verdict?: string; note?: string };

/** Keep: what was set and what came out, so that next time starts here. */
export function Keep({ working, technique, reckoning, units }: StageProps) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const key = ['keep', working.id];
  // One id for as long as it is open: sent twice, it is still one summary.
  const [newKeep] = useState(newId);
  const kept = useQuery({
    queryKey: key,
    queryFn: async () => {
      try {
        return await value(api.GET('/api/workings/{id}/keep', { params: { path: { id: working.id } } }));
      } catch (error) {
        if (error instanceof Refused && error.problem.status === 404) return null;
        throw error;
      }
    },
  });
  const card = useCard(working, technique.name, units, reckoning.answer).answer;
  const settings = setOf(card, technique, working.ask);
  const { swatches } = useSwatches(working.id, units);
  const row = kept.data;
  const [ref, width] = useWidth<HTMLDivElement>();
  const drawing = reckoning.answer?.drawings?.[0];
  const finished = swatches?.find(isPieceItself);
  const { draft, change } = useDraft<Parts>(`${working.id}.keep`, {
    isReady: !kept.isPending,
    save: async (sent) => {
      const before = queries.getQueryData<typeof row>(key);
      const body = { ...sent, settings };
      const saved = await value(
        before
          ? api.PATCH('/api/keeps/{id}', {
              params: { path: { id: before.id } },
              headers: ifMatch(before.version),
              body: body as never,
            })
          : api.POST('/api/workings/{id}/keep', {
              params: { path: { id: working.id } },
              body: { ...body, id: newKeep } as never,
            }),
      );
      queries.setQueryData(key, saved);
      // Everything else may have changed: the first summary also takes the thread off the shelf.
      void queries.invalidateQueries({ predicate: (other) => other.queryKey[0] !== 'keep' });
    },
    without: fieldsWithout,
    overtaken: (problem) => queries.setQueryData(key, problem.current),
  });
  /** A new part of the project that begins with all that was set here: its plan, its fabric, and what it was sewn with. */
  const sewAgain = async () => {
    const id = await beginWorking(queries, working.row!.projectId, technique.name, units, working.ask, {
      cloth: working.cloth,
      uses: Object.fromEntries(Object.entries(working.uses).filter(([, thing]) => thing)) as Record<
        string,
        string
      >,
      // An edge that came from another part comes from there again.
      links: Object.fromEntries(Object.entries(working.links).filter(([, link]) => link)),
      name: `${working.name}, again`.slice(0, 200),
    });
    await queries.invalidateQueries();
    await navigate(`/parts/${id}/plan`);
  };
  const now = { cameOut: '', verdict: '', note: '', ...row, ...draft };
  const type = (parts: Parts) => change((typed) => ({ ...typed, ...parts }));
  return (
    <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
      <section className="tacked grid min-w-0 content-start gap-4 self-start">
        <div className="flex flex-wrap items-start gap-x-8 gap-y-4" ref={ref}>
          {drawing && (
            <DrawingView
              drawing={drawing}
              cloth={working.cloth}
              units={units}
              width={finished ? Math.min(width, Math.max(280, width - 240)) : width}
              maxHeight={180}
            />
          )}
          {finished && (
            <figure>
              <figcaption className="mb-1 font-bold">Finished, as measured</figcaption>
              <SwatchPicture swatch={finished} cloth={working.cloth} size={160} />
            </figure>
          )}
        </div>
        <h2 className="text-soft">How did it turn out?</h2>
        <label className="field">
          In a sentence, with measurements
          <textarea
            className="entry"
            rows={2}
            maxLength={4000}
            value={now.cameOut}
            placeholder="e.g. as planned but 3 mm short; flat after steaming"
            onChange={(e) => type({ cameOut: e.target.value })}
          />
        </label>
        <Segmented
          label="Verdict"
          value={now.verdict}
          choices={[
            { name: 'yes', label: 'do the same again' },
            { name: 'nearly', label: 'nearly' },
            { name: 'no', label: 'do it differently' },
          ]}
          onChoose={(verdict) => type({ verdict })}
        />
        <label className="field">
          For next time
          <textarea
            className="entry"
            rows={4}
            maxLength={4000}
            value={now.note}
            onChange={(e) => type({ note: e.target.value })}
          />
        </label>
        {row && (
          <p className="font-semibold text-moss">
            ✓ Saved on {onDay(row.keptAt, units)}. You’ll find it under Projects and by searching.
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          {!row && (
            <button
              type="button"
              className="btn"
              onClick={() => change((typed) => ({ cameOut: '', ...typed }), 'once')}
            >
              Save and finish
            </button>
          )}
          {row && (
            <button type="button" className="btn" onClick={() => void sewAgain()}>
              Sew this again
            </button>
          )}
          <Link className="btn quiet" to="/">
            Back to Projects
          </Link>
        </div>
      </section>
      <aside className="grid content-start gap-4">
        <section className="sheet">
          <h2>Settings used</h2>
          <Facts
            className="mt-2"
            of={inOrderOf(settings, (row?.settings as Record<string, string> | undefined) ?? settings).map(
              ([name, figure]) => ({ name, text: figure ?? '' }),
            )}
          />
        </section>
        <p className="noted">
          {swatches?.length ?? 0} {swatches?.length === 1 ? 'swatch belongs' : 'swatches belong'} to this part
          {technique.swatch.learns ? ', and teach the next' : ''}.
        </p>
        {technique.swatch.learns && (
          <PieceItself working={working} technique={technique} reckoning={reckoning} units={units} />
        )}
      </aside>
    </div>
  );
}
