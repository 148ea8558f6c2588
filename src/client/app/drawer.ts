import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ifMatch, value } from '../api/http';
import { newId } from '../api/id';
import type { components } from '../api/schema';
import type { CardTechnique, ThingKind, Units } from '../api/types';
import { useTurn } from './history';
import { keeping } from './kept';
import { notify } from './notice';
import { useUnits } from './workroom';

export type Thing = components['schemas']['ThingOut'];
export type Tried = components['schemas']['TriedOut'];

/** Whether a machine is the one she sews on. */
export const isMine = (thing: Thing) => (thing.properties as { mine?: boolean }).mine === true;

/** Whether a thing is what she sews with unless she says otherwise. */
export const isUsual = (thing: Thing) => (thing.properties as { usual?: boolean }).usual === true;

/** Everything in the drawer, and what was tried. */
export const drawerQuery = (units: Units) => ({
  queryKey: ['drawer', units],
  queryFn: () => value(api.GET('/api/drawer', { params: { query: { units } } })),
});

export function useDrawer() {
  const units = useUnits();
  return useQuery({ ...drawerQuery(units), placeholderData: (last) => last });
}

/** The kinds of things, what can be said of each, and usual ones to begin from. */
export function useKinds() {
  const units = useUnits();
  return useQuery({
    queryKey: ['kinds', units],
    staleTime: Infinity,
    placeholderData: (last) => last,
    queryFn: async () =>
      (await value(api.GET('/api/drawer/kinds', { params: { query: { units } } }))) as unknown as ThingKind[],
  });
}

/** The techniques that have a card. */
export function useCardTechniques() {
  const units = useUnits();
  return useQuery({
    queryKey: ['cards', units],
    staleTime: Infinity,
    placeholderData: (last) => last,
    queryFn: async () =>
      (await value(api.GET('/api/cards', { params: { query: { units } } }))) as unknown as CardTechnique[],
  });
}

/** What can be done with things of the drawer. */
export function useDrawerChanges() {
  const queries = useQueryClient();
  const turn = useTurn();
  const units = useUnits();
  const refresh = () => queries.invalidateQueries();

  const add = async (kind: string, name: string, properties: Record<string, unknown>) => {
    const id = newId();
    await keeping(
      value(
        api.POST('/api/drawer/things', {
          params: { query: { units } },
          body: { id, kind, name, properties },
        }),
      ),
    );
    await refresh();
    return id;
  };

  /** Sets figures of a thing; null makes one unknown. */
  const adjust = async (thing: Thing, properties: Record<string, unknown>) => {
    await keeping(
      value(
        api.PATCH('/api/drawer/things/{id}', {
          params: { path: { id: thing.id }, query: { units } },
          headers: ifMatch(thing.version),
          body: { name: null, properties },
        }),
      ),
    );
    await refresh();
  };

  const remove = async (thing: Thing) => {
    await keeping(api.DELETE('/api/drawer/things/{id}', { params: { path: { id: thing.id } } }));
    await refresh();
    notify({
      says: `“${thing.name}” taken from your supplies.`,
      action: { label: 'Undo', run: () => void turn('undo') },
    });
  };

  const note = async (tried: Omit<components['schemas']['TriedIn'], 'id' | 'on' | 'note'>) => {
    await keeping(
      value(api.POST('/api/drawer/tried', { body: { ...tried, id: newId(), on: null, note: null } })),
    );
    await refresh();
  };

  const forget = async (tried: Tried) => {
    await keeping(api.DELETE('/api/drawer/tried/{id}', { params: { path: { id: tried.id } } }));
    await refresh();
    notify({ says: 'Note taken away.', action: { label: 'Undo', run: () => void turn('undo') } });
  };

  return { add, adjust, remove, note, forget, refresh };
}
