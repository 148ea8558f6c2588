import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { Technique } from '../../api/types';
import type { EditedWorking } from '../../app/useWorking';
import { useUnits } from '../../app/workroom';

/** Changes whenever what a working has learnt from its own swatches, or with what it is sewn, may have changed. */
export function useLearnt(working: EditedWorking, technique: Technique | undefined): string {
  const units = useUnits();
  const learns = technique?.swatch.learns ?? false;
  const swatches = useQuery({
    queryKey: ['swatches', working.id, units],
    enabled: learns,
    queryFn: () =>
      value(
        api.GET('/api/workings/{id}/swatches', {
          params: { path: { id: working.id }, query: { units } },
        }),
      ),
  }).data;
  const kept = JSON.stringify(working.row?.uses ?? {});
  return learns ? `${kept} ${swatches?.map((s) => `${s.id}${s.version}`).join()}` : '';
}
