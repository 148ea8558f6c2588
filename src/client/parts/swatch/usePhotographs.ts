import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';

/** The photographs of a working's swatches: their ids by swatch. */
export function usePhotographs(working: string): Record<string, string[]> {
  const photographs = useQuery({
    queryKey: ['photographs', working],
    queryFn: () => value(api.GET('/api/workings/{id}/photographs', { params: { path: { id: working } } })),
  }).data;
  const by: Record<string, string[]> = {};
  for (const p of photographs ?? []) (by[p.swatchId] ??= []).push(p.id);
  return by;
}
