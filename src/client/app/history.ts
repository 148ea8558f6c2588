import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api, value } from '../api/http';
import { forgetDrafts } from './drafts';
import { keeping } from './kept';
import { notify } from './notice';

/** What can be undone and done again next. */
export function useHistory() {
  return useQuery({ queryKey: ['history'], queryFn: () => value(api.GET('/api/history')) });
}

/** Undo and redo of the workroom's steps, whoever took them. */
export function useTurn() {
  const queries = useQueryClient();
  return useCallback(
    async (way: 'undo' | 'redo') => {
      const now = await value(api.GET('/api/history'));
      const step = way === 'undo' ? now.undo : now.redo;
      if (!step) {
        notify({ says: way === 'undo' ? 'There is nothing to undo.' : 'There is nothing to do again.' });
        return;
      }
      const path = way === 'undo' ? '/api/history/undo' : '/api/history/redo';
      await keeping(value(api.POST(path, { body: { step: Number(step.id) } })));
      forgetDrafts();
      await queries.invalidateQueries();
      notify({ says: `${way === 'undo' ? 'Undone' : 'Done again'}: ${step.says}.` });
    },
    [queries],
  );
}
