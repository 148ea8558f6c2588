import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, value } from '../api/http';
import { useTurn } from './history';
import { keeping } from './kept';
import { notify } from './notice';

/** What is there of the example that a new house begins with. */
export const exampleQuery = {
  queryKey: ['example'],
  queryFn: () => value(api.GET('/api/example')),
};

export const useExample = () => useQuery(exampleQuery).data;

/** Takes the example away, all of it; one undo brings it back. */
export function useRemoveExample() {
  const queries = useQueryClient();
  const turn = useTurn();
  return async () => {
    await keeping(api.DELETE('/api/example'));
    await queries.invalidateQueries();
    notify({ says: 'Example removed.', action: { label: 'Undo', run: () => void turn('undo') } });
  };
}
