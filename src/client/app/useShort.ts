import { useQuery } from '@tanstack/react-query';
import { api, value } from '../api/http';
import { useUnits } from './workroom';

/** What all workings in hand together need more of than is left; nothing until it has come. */
export function useShort() {
  const units = useUnits();
  const short = useQuery({
    queryKey: ['bench', 'short', units],
    queryFn: () => value(api.GET('/api/bench/short', { params: { query: { units } } })),
  });
  return short.data ?? [];
}
