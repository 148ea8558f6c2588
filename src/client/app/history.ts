import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api, value } from '../api/http';
import type { components } from '../api/schema';
import { forgetDrafts } from './drafts';
import { keeping, keepNow } from './kept';
import { notify } from './notice';

/** What can be undone and done again next. */
export function useHistory() {
  return useQuery({
    queryKey: ['history', of()],
    queryFn: () => value(api.GET('/api/history', { params: { query: { of: of() } } })),
  });
}

/** Tries have steps of their own: what is practised is undone where it is practised. */
const of = () => (location.pathname.startsWith('/practice') ? 'practice' : undefined);

type Step = components['schemas']['StepRow'];

/** A step in words: what was done elsewhere says where. */
export const saysOfStep = (step: Step) =>
  step.name && !isHere(step) && !step.says.includes(step.name) ? `${step.says}, in ${step.name}` : step.says;

const isHere = ({ of: id }: Step) => Boolean(id && location.pathname.includes(id));

const pathTo = ({ kind, of: id }: Step) =>
  id && (kind === 'working' ? `/parts/${id}` : kind === 'thing' ? `/supplies/thing/${id}` : '/');

/** Undo and redo of the workroom's steps, whoever took them; one that was taken elsewhere leads there. */
export function useTurn() {
  const queries = useQueryClient();
  return useCallback(
    async (way: 'undo' | 'redo') => {
      // What was typed just now is the step that is meant.
      await keepNow();
      const query = { of: of() };
      const now = await value(api.GET('/api/history', { params: { query } }));
      const step = way === 'undo' ? now.undo : now.redo;
      if (!step) {
        notify({ says: way === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.' });
        return;
      }
      const turned = way === 'undo' ? '/api/history/undo' : '/api/history/redo';
      const after = await keeping(
        value(api.POST(turned, { params: { query }, body: { step: Number(step.id) } })),
      );
      if (!after.turned) {
        await queries.invalidateQueries();
        notify({ says: 'Somebody else was first: nothing was turned back.' });
        return;
      }
      forgetDrafts();
      await queries.invalidateQueries();
      const path = pathTo(step);
      notify({
        says: `${way === 'undo' ? 'Undone' : 'Done again'}: ${saysOfStep(step)}.`,
        ...(path && !isHere(step) && path !== location.pathname
          ? { leads: { label: 'Show', to: path } }
          : {}),
      });
    },
    [queries],
  );
}
