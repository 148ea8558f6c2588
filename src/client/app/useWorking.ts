import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef } from 'react';
import { api, ifMatch, value } from '../api/http';
import type { components } from '../api/schema';
import type { Ask, Cloth, Progress, Stage, Uses } from '../api/types';
import { notify } from './notice';
import { overruled } from './overruled';
import { techniqueQuery } from './useTechnique';
import { groupWithout, useDraft } from './useDraft';
import { workingQuery } from './working';
import { useUnits } from './workroom';

type Row = components['schemas']['WorkingOut'];
type Patch = components['schemas']['WorkingPatch'];

/** What was typed and is not kept yet: fields of the ask, and the rest of the working. */
type Draft = {
  ask?: Ask;
  name?: string;
  cloth?: Cloth;
  progress?: Progress;
  stage?: Stage;
  uses?: Uses;
  links?: Links;
};

/** Edges that are taken from other pieces, by field; null lets one go. */
type Links = Record<string, { working: string; edge: string } | null>;

/** A working as it is being edited: what is kept, and over it what is typed. */
export type EditedWorking = ReturnType<typeof useWorking>;

/** Opens a working: every change is kept at once, survives a reload before that, and is tried again after a failure. */
export function useWorking(id: string) {
  const queries = useQueryClient();
  const units = useUnits();
  const kept = useQuery(workingQuery(id));
  const key = ['working', id];
  const latest = useRef<Draft>({});
  const drafted = useDraft<Draft>(id, {
    isReady: Boolean(kept.data),
    save: async (sent) => {
      const saved = await value(
        api.PATCH('/api/workings/{id}', {
          params: { path: { id }, query: { units } },
          headers: ifMatch(queries.getQueryData<Row>(key)!.version),
          body: sent as unknown as Patch,
        }),
      );
      queries.setQueryData(key, saved);
      void queries.invalidateQueries({ queryKey: ['history'] });
      void queries.invalidateQueries({ queryKey: ['bench'] });
    },
    without: groupWithout('ask'),
    group: 'ask',
    isMendable: (field) => {
      const row = queries.getQueryData<Row>(key);
      const known = row && queries.getQueryData(techniqueQuery(row.technique, units).queryKey);
      return !known || field === 'name' || known.fields.some((f) => f.name === field.split(/[.[]/)[0]);
    },
    overtaken: (problem) => {
      const was = queries.getQueryData<Row>(key);
      const theirs = problem.current as Row | undefined;
      queries.setQueryData(key, theirs);
      const seat = problem.changedBy ? `on the ${problem.changedBy}` : 'on another device';
      const [first] = overruled(
        (was?.ask ?? {}) as Ask,
        (theirs?.ask ?? {}) as Ask,
        latest.current.ask ?? {},
      );
      if (!first) {
        if (problem.changedBy) notify({ says: `Also changed ${seat}; both changes are saved.` });
        return;
      }
      const technique = queries.getQueryData(techniqueQuery(theirs!.technique, units).queryKey);
      const label = technique?.fields.find((f) => f.name === first.field)?.label ?? first.field;
      notify({
        says: `${label} was changed to ${said_(first.theirs)} ${seat}. Your entry ${said_(first.mine)} has been kept.`,
        action: {
          label: 'Use the other value',
          run: () => change({ ask: { [first.field]: first.theirs } }),
        },
      });
    },
  });
  const { draft } = drafted;
  latest.current = draft;
  const put = drafted.change;
  const change = useCallback(
    (next: Draft, at: 'once' | 'pause' = 'once') =>
      put(
        (now) => ({
          ...now,
          ...next,
          ...(next.ask ? { ask: { ...now.ask, ...next.ask } } : {}),
          ...(next.uses ? { uses: { ...now.uses, ...next.uses } } : {}),
          ...(next.links ? { links: { ...now.links, ...next.links } } : {}),
        }),
        at,
      ),
    [put],
  );

  const row = kept.data;
  const ask = useMemo(() => said({ ...(row?.ask as Ask | undefined), ...draft.ask }), [row?.ask, draft.ask]);
  const links = useMemo(
    () => ({ ...(row?.links as Links | undefined), ...draft.links }),
    [row?.links, draft.links],
  );
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
      change(
        {
          ask: { [field]: typed === '' ? null : typed },
          // What is typed stands in place of what another piece gives.
          ...(links[field] ? { links: { [field]: null } } : {}),
        },
        'pause',
      ),
    /** Edges that are taken from other pieces, by field. */
    links,
    /** Changes with what the plan rests on beside the ask, as it is kept: other pieces, things of the drawer. */
    restsOn: JSON.stringify([row?.links, row?.uses]),
    change,
  };
}

/** A value as it is told: nothing where it was taken out. */
const said_ = (value: unknown) => (value === null ? 'nothing' : String(value));

/** The fields that say something. */
function said(ask: Ask): Ask {
  return Object.fromEntries(Object.entries(ask).filter(([, v]) => v !== null && v !== undefined));
}
