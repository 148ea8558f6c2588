import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { components } from '../../api/schema';
import type { EditedWorking } from '../../app/useWorking';

export type PlotData = components['schemas']['PlotOut'];
export type PlotPoint = components['schemas']['PlotPoint'];
export type Learnt = components['schemas']['LearntOut'];

/** A working's swatches against what is predicted for it; asked again whenever either changes. */
export function usePlot(working: EditedWorking | null, x?: string) {
  return useQuery({
    queryKey: ['plot', working?.id, x, working?.row?.version],
    enabled: working !== null,
    placeholderData: (last) => last,
    queryFn: () => value(api.GET('/api/swatches/plot', { params: { query: { working: working!.id, x } } })),
  });
}
