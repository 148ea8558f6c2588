import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import { useUnits } from '../../app/workroom';
import type { EditedWorking } from '../../views/Working/useWorking';
import { techniques } from '../registry';

/** Changes whenever what a working has learnt from its own swatches, or with what it is sewn, may have changed. */
export function useLearnt(working: EditedWorking): string {
  const units = useUnits();
  const learns = techniques[working.row?.technique ?? '']?.learns ?? false;
  const swatches = useQuery({
    queryKey: ['swatches', working.id, units],
    enabled: learns,
    queryFn: () =>
      value(
        api.GET('/api/workings/{id}/swatches', {
          params: { path: { id: working.id }, query: { units } as never },
        }),
      ),
  }).data;
  const kept = JSON.stringify(working.row?.uses ?? {});
  return learns ? `${kept} ${swatches?.map((s) => `${s.id}${s.version}`).join()}` : '';
}
