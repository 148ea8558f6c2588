import { queryOptions } from '@tanstack/react-query';
import { api, value } from '../api/http';

/** A working as it is kept. */
export const workingQuery = (id: string) =>
  queryOptions({
    queryKey: ['working', id],
    queryFn: () => value(api.GET('/api/workings/{id}', { params: { path: { id } } })),
  });
