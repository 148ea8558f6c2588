import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { components } from '../../api/schema';
import { newId } from '../../api/id';
import { keeping } from '../../app/kept';

export type Exercise = components['schemas']['ExerciseOut'];
export type Try = components['schemas']['TryOut'];
export type Score = components['schemas']['Score'];

/** A stitch as it is sent: x, y, seconds. */
export type Sent = [number, number, number];

/** What is practised; it never changes. */
export const useExercises = () =>
  useQuery({
    queryKey: ['practice', 'exercises'],
    staleTime: Infinity,
    queryFn: () => value(api.GET('/api/practice/exercises')),
  }).data;

/** Keeps a try, and gives back what it came to. */
export function useKeepTry() {
  const queries = useQueryClient();
  return async (exercise: string, stitches: Sent[]): Promise<Try> => {
    const kept = await keeping(
      value(api.POST('/api/practice', { body: { id: newId(), exercise, stitches } })),
    );
    await queries.invalidateQueries({ queryKey: ['practice', 'tries'] });
    await queries.invalidateQueries({ queryKey: ['history'] });
    return kept as Try;
  };
}
