import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, value } from '../../api/http';
import { newId } from '../../api/id';
import type { Units } from '../../api/types';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';

export type CutLists = ReturnType<typeof useCutLists>;

/** The frozen cut lists of a working. */
export function useCutLists(id: string, units: Units) {
  const queries = useQueryClient();
  const turn = useTurn();
  const [pending, setPending] = useState<string | null>(null);
  const lists = useQuery({
    queryKey: ['cut-lists', id],
    queryFn: () => value(api.GET('/api/workings/{id}/cut-lists', { params: { path: { id } } })),
  }).data;
  const freeze = async () => {
    // The same id again after a lost answer is the same list.
    const list = pending ?? newId();
    setPending(list);
    await keeping(
      api.POST('/api/workings/{id}/cut-lists', {
        params: { path: { id }, query: { units } },
        body: { id: list },
      }),
    );
    notify({ says: 'Cutting list locked.', action: { label: 'Undo', run: () => void turn('undo') } });
    await queries.invalidateQueries({ queryKey: ['cut-lists', id] });
    setPending(null);
    void queries.invalidateQueries();
  };
  const takeBack = async (list: string) => {
    await keeping(api.DELETE('/api/cut-lists/{id}', { params: { path: { id: list } } }));
    void queries.invalidateQueries();
    notify({
      says: 'Cutting list unlocked; the fabric has been added back to your supplies.',
      action: { label: 'Undo', run: () => void turn('undo') },
    });
  };
  return { lists, freeze, takeBack };
}
