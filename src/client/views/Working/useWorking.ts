import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, ifMatch, Refused, value } from '../../api/http';
import type { components } from '../../api/schema';
import type { Ask, Cloth, Progress, Stage, Uses } from '../../api/types';
import { onForget, readDraft, writeDraft } from '../../app/drafts';
import { aboutToKeep, keeping, notKept } from '../../app/kept';
import { notify } from '../../app/notice';
import { workingQuery } from '../../app/working';
import { useUnits } from '../../app/workroom';

type Row = components['schemas']['WorkingOut'];
type Patch = components['schemas']['WorkingPatch'];

/** What was typed and is not kept yet: fields of the ask, and the rest of the working. */
type Draft = { ask?: Ask; name?: string; cloth?: Cloth; progress?: Progress; stage?: Stage; uses?: Uses };

/** A pause in typing after which what was typed is kept. */
const pause = 400;

/** How long to wait before trying again when the program does not answer. */
const again = 3000;

/** A working as it is being edited: what is kept, and over it what is typed. */
export type EditedWorking = ReturnType<typeof useWorking>;

/** Opens a working: every change is kept at once, survives a reload before that, and is tried again after a failure. */
export function useWorking(id: string) {
  const queries = useQueryClient();
  const units = useUnits();
  const kept = useQuery(workingQuery(id));
  const [draft, setDraft] = useState<Draft>(() => readDraft<Draft>(id));
  const latest = useRef(draft);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const sending = useRef(false);
  const flush = useRef<() => Promise<void>>(async () => {});

  const put = useCallback(
    (next: Draft) => {
      latest.current = next;
      writeDraft(id, next);
      aboutToKeep(id, Object.keys(next).length > 0);
      setDraft(next);
    },
    [id],
  );

  flush.current = async () => {
    clearTimeout(timer.current);
    const sent = latest.current;
    const row = queries.getQueryData<Row>(['working', id]);
    if (sending.current || !row || Object.keys(sent).length === 0) return;
    sending.current = true;
    try {
      const saved = await keeping(save(row, sent));
      notKept(id, null);
      queries.setQueryData(['working', id], saved);
      put(without(latest.current, sent));
      void queries.invalidateQueries({ queryKey: ['history'] });
      void queries.invalidateQueries({ queryKey: ['bench'] });
    } catch (error) {
      await failed(error, sent);
    } finally {
      sending.current = false;
    }
    if (Object.keys(latest.current).length > 0 && !waits.current) void flush.current();
  };
  const waits = useRef(false);

  const save = (row: Row, sent: Draft) =>
    value(
      api.PATCH('/api/workings/{id}', {
        params: { path: { id }, query: { units } as never },
        headers: ifMatch(row.version),
        body: sent as unknown as Patch,
      }),
    );

  const failed = async (error: unknown, sent: Draft) => {
    const problem = error instanceof Refused ? error.problem : null;
    if (problem?.status === 412) {
      // Another seat was first: what was typed here goes on top of what was changed there.
      queries.setQueryData(['working', id], problem.current);
      if (problem.changedBy)
        notify({ says: `Also changed on the ${problem.changedBy}; both changes are kept.` });
      return;
    }
    if (problem?.status === 400 && sent.ask) {
      // A half-typed figure stays where it is typed; the rest is kept.
      const wrong = Object.keys(problem.errors ?? {});
      aboutToKeep(id, false);
      notKept(id, 'one figure is not right yet');
      const right = Object.fromEntries(Object.entries(sent.ask).filter(([field]) => !wrong.includes(field)));
      waits.current = true;
      if (
        Object.keys(right).length < Object.keys(sent.ask).length &&
        (Object.keys(right).length || sent.name || sent.stage)
      ) {
        const row = queries.getQueryData<Row>(['working', id])!;
        const part: Draft = { ...sent, ask: right };
        try {
          queries.setQueryData(['working', id], await keeping(save(row, part)));
          put(without(latest.current, part));
        } catch {
          // What is right will be kept with the next key.
        }
      }
      return;
    }
    notKept(id, problem?.status ? problem.title : 'not kept: no answer, trying again');
    waits.current = true;
    timer.current = setTimeout(() => {
      waits.current = false;
      void flush.current();
    }, again);
  };

  const change = useCallback(
    (next: Draft, at: 'once' | 'pause' = 'once') => {
      const now = latest.current;
      put({
        ...now,
        ...next,
        ...(next.ask ? { ask: { ...now.ask, ...next.ask } } : {}),
        ...(next.uses ? { uses: { ...now.uses, ...next.uses } } : {}),
      });
      waits.current = false;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush.current(), at === 'once' ? 0 : pause);
    },
    [put],
  );

  const loaded = Boolean(kept.data);
  useEffect(() => {
    const keepNow = () => void flush.current();
    if (loaded) keepNow();
    const stopForgetting = onForget(() => {
      latest.current = {};
      aboutToKeep(id, false);
      notKept(id, null);
      setDraft({});
    });
    addEventListener('pagehide', keepNow);
    return () => {
      keepNow();
      aboutToKeep(id, false);
      notKept(id, null);
      stopForgetting();
      removeEventListener('pagehide', keepNow);
    };
  }, [id, loaded]);

  const row = kept.data;
  const ask = useMemo(() => said({ ...(row?.ask as Ask | undefined), ...draft.ask }), [row?.ask, draft.ask]);
  return {
    id,
    row,
    failed: kept.error,
    ask,
    name: draft.name ?? row?.name ?? '',
    cloth: (draft.cloth ?? row?.cloth ?? {}) as Cloth,
    progress: (draft.progress ?? row?.progress ?? {}) as Progress,
    stage: (draft.stage ?? row?.stage ?? 'plan') as Stage,
    /** The things of the drawer that it uses, by kind. */
    uses: { ...(row?.uses as Uses | undefined), ...draft.uses } as Uses,
    /** Sets one field of the ask; an empty text takes it out. */
    set: (field: string, typed: unknown) =>
      change({ ask: { [field]: typed === '' ? null : typed } }, 'pause'),
    change,
  };
}

/** The fields that say something. */
function said(ask: Ask): Ask {
  return Object.fromEntries(Object.entries(ask).filter(([, v]) => v !== null && v !== undefined));
}

/** A draft without what was sent and has not been typed over since. */
function without(now: Draft, sent: Draft): Draft {
  const left = Object.entries(now.ask ?? {}).filter(
    ([f, v]) => !(f in (sent.ask ?? {})) || sent.ask![f] !== v,
  );
  const rest = Object.entries(now).filter(
    ([part, is]) => part !== 'ask' && JSON.stringify(is) !== JSON.stringify(sent[part as keyof Draft]),
  );
  return { ...Object.fromEntries(rest), ...(left.length ? { ask: Object.fromEntries(left) } : {}) };
}
