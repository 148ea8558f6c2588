import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ifMatch, value } from '../api/http';
import type { components } from '../api/schema';
import type { Units } from '../api/types';
import { keeping } from './kept';

export type WorkroomRecord = components['schemas']['WorkroomOut'];
export type WorkroomChange = components['schemas']['WorkroomIn'];

/** The workroom: its units, steps and machine. */
export const workroomQuery = queryOptions({
  queryKey: ['workroom'],
  queryFn: () => value(api.GET('/api/workroom')),
});

export function useWorkroom() {
  return useQuery(workroomQuery);
}

/** The units that are shown; metric until the workroom is known. */
export function useUnits(): Units {
  return useWorkroom().data?.units === 'imperial' ? 'imperial' : 'metric';
}

/** Changes the workroom; everything that was written in its units is asked for again. */
export function useChangeWorkroom() {
  const queries = useQueryClient();
  return useMutation({
    // All of it counts as being kept, the question for the newest version too.
    mutationFn: (change: Partial<WorkroomChange>) => keeping(changed(change)),
    // What is chosen is shown at once; the answer confirms it. One that is still on its way would show what was before.
    onMutate: async (change) => {
      await queries.cancelQueries({ queryKey: ['workroom'] });
      queries.setQueryData<WorkroomRecord>(
        ['workroom'],
        (now) => now && ({ ...now, ...change } as WorkroomRecord),
      );
    },
    onError: () => queries.invalidateQueries({ queryKey: ['workroom'] }),
    onSuccess: (row) => {
      queries.setQueryData(['workroom'], row);
      return queries.invalidateQueries();
    },
  });
}

async function changed(change: Partial<WorkroomChange>): Promise<WorkroomRecord> {
  const now = await value(api.GET('/api/workroom'));
  return value(api.PATCH('/api/workroom', { headers: ifMatch(now.version), body: change as WorkroomChange }));
}
