import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ifMatch, Refused, value } from '../../api/http';
import { readDraft, writeDraft, onForget } from '../../app/drafts';
import type { Thing } from '../../app/drawer';
import { aboutToKeep, keeping, notKept } from '../../app/kept';
import { useUnits } from '../../app/workroom';

const pause = 500;

type Draft = { name?: string; properties?: Record<string, unknown> };

/** A thing as it is being edited: what is kept, and over it what is typed. Every change is kept after a pause. */
export function useThing(thing: Thing) {
  const { id } = thing;
  const units = useUnits();
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Draft>(() => readDraft<Draft>(id));
  const [errors, setErrors] = useState<Record<string, string>>({});
  const latest = useRef(draft);
  const version = useRef(thing.version);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const sending = useRef(false);
  const flush = useRef<() => Promise<void>>(async () => {});
  useEffect(() => {
    version.current = Math.max(version.current, thing.version);
  }, [thing.version]);

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
    if (sending.current || Object.keys(sent).length === 0) return;
    sending.current = true;
    try {
      const saved = await keeping(
        value(
          api.PATCH('/api/drawer/things/{id}', {
            params: { path: { id }, query: { units } as never },
            headers: ifMatch(version.current),
            body: sent as never,
          }),
        ),
      );
      version.current = saved.version;
      notKept(id, null);
      setErrors({});
      queries.setQueryData<{ things: Thing[] }>(
        ['drawer', units],
        (now) => now && { ...now, things: now.things.map((t) => (t.id === id ? saved : t)) },
      );
      put(without(latest.current, sent));
      void queries.invalidateQueries({ queryKey: ['history'] });
      for (const key of ['chart', 'fit', 'bench']) void queries.invalidateQueries({ queryKey: [key] });
    } catch (error) {
      failed(error);
    } finally {
      sending.current = false;
    }
  };

  const failed = (error: unknown) => {
    const problem = error instanceof Refused ? error.problem : null;
    if (problem?.status === 412) {
      // Another seat was first: what was typed here goes on top of it.
      version.current = problem.version ?? version.current;
      timer.current = setTimeout(() => void flush.current(), 50);
    } else if (problem?.status === 400) {
      setErrors(Object.fromEntries(Object.entries(problem.errors ?? {}).map(([f, s]) => [f, s.join(' ')])));
      aboutToKeep(id, false);
      notKept(id, 'one figure is not right yet');
    } else {
      notKept(id, problem?.status ? problem.title : 'not kept: no answer, trying again');
      timer.current = setTimeout(() => void flush.current(), 3000);
    }
  };

  useEffect(() => {
    const keepNow = () => void flush.current();
    const stop = onForget(() => {
      latest.current = {};
      setErrors({});
      aboutToKeep(id, false);
      notKept(id, null);
      setDraft({});
    });
    addEventListener('pagehide', keepNow);
    keepNow();
    return () => {
      keepNow();
      stop();
      removeEventListener('pagehide', keepNow);
      aboutToKeep(id, false);
      notKept(id, null);
    };
  }, [id]);

  const later = () => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void flush.current(), pause);
  };
  const set = (field: string, typed: unknown) => {
    put({
      ...latest.current,
      properties: { ...latest.current.properties, [field]: typed === '' ? null : typed },
    });
    later();
  };
  const rename = (name: string) => {
    put({ ...latest.current, name });
    later();
  };
  const properties = Object.fromEntries(
    Object.entries({ ...thing.properties, ...draft.properties }).filter(([, v]) => v !== null),
  ) as Record<string, unknown>;
  return { name: draft.name ?? thing.name, properties, typed: draft.properties ?? {}, errors, set, rename };
}

function without(now: Draft, sent: Draft): Draft {
  const left = Object.entries(now.properties ?? {}).filter(([f, v]) => sent.properties?.[f] !== v);
  return {
    ...(now.name !== undefined && now.name !== sent.name ? { name: now.name } : {}),
    ...(left.length ? { properties: Object.fromEntries(left) } : {}),
  };
}
