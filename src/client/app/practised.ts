import { useQuery } from '@tanstack/react-query';
import { api, value } from '../api/http';

/** What was practised, the newest first, and the pace that hands keep by it. */
export const usePractised = () =>
  useQuery({ queryKey: ['practice', 'tries'], queryFn: () => value(api.GET('/api/practice')) }).data;
