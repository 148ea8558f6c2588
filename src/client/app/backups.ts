import { useQuery } from '@tanstack/react-query';
import { api, value } from '../api/http';

/** What is known of the backups that make themselves; undefined until it has come. */
export function useBackups() {
  return useQuery({
    queryKey: ['backups'],
    staleTime: 60_000,
    queryFn: () => value(api.GET('/api/backups')),
  }).data;
}
