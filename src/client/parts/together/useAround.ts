import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { components } from '../../api/schema';
import { useUnits } from '../../app/workroom';

export type BenchWorking = components['schemas']['BenchWorking'];

/** The workings of a project, as the bench knows them; none until they have come. */
export function useAround(project: string): BenchWorking[] {
  const units = useUnits();
  const bench = useQuery({
    queryKey: ['bench', 'around', project, units],
    queryFn: () => value(api.GET('/api/bench', { params: { query: { project, units } } })),
  });
  return bench.data?.projects[0]?.workings ?? [];
}
