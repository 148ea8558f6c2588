import { useQueryClient } from '@tanstack/react-query';
import { api, ifMatch, value } from '../../api/http';
import type { Thing } from '../../app/drawer';
import { groupWithout, useDraft, useVersion } from '../../app/useDraft';
import { useUnits } from '../../app/workroom';

type Draft = { name?: string; properties?: Record<string, unknown> };

/** A thing as it is being edited: what is kept, and over it what is typed. */
export function useThing(thing: Thing) {
  const { id } = thing;
  const units = useUnits();
  const queries = useQueryClient();
  const version = useVersion(thing.version);
  const { draft, errors, change } = useDraft<Draft>(id, {
    isReady: true,
    save: async (sent) => {
      const saved = await value(
        api.PATCH('/api/drawer/things/{id}', {
          params: { path: { id }, query: { units } },
          headers: ifMatch(version.current),
          body: sent as never,
        }),
      );
      version.current = saved.version;
      queries.setQueryData<{ things: Thing[] }>(
        ['drawer', units],
        (now) => now && { ...now, things: now.things.map((t) => (t.id === id ? saved : t)) },
      );
      for (const key of ['history', 'chart', 'fit', 'bench'])
        void queries.invalidateQueries({ queryKey: [key] });
    },
    without: groupWithout('properties'),
    overtaken: (problem) => (version.current = problem.version ?? version.current),
  });
  const set = (field: string, typed: unknown) =>
    change((now) => ({ ...now, properties: { ...now.properties, [field]: typed === '' ? null : typed } }));
  const rename = (name: string) => change((now) => ({ ...now, name }));
  const properties = Object.fromEntries(
    Object.entries({ ...thing.properties, ...draft.properties }).filter(([, v]) => v !== null),
  ) as Record<string, unknown>;
  return { name: draft.name ?? thing.name, properties, typed: draft.properties ?? {}, errors, set, rename };
}
