import { queryOptions, useQuery } from '@tanstack/react-query';
import type { Ask, Technique, Units } from '../api/types';
import { api, value } from '../api/http';
import { useUnits } from './workroom';

/** A technique as the server tells it: what it asks, and how that is shown. */
export const techniqueQuery = (name: string, units: Units) =>
  queryOptions({
    queryKey: ['technique', name, units],
    staleTime: Infinity,
    queryFn: async () =>
      (await value(
        api.GET('/api/techniques/{technique}', {
          params: { path: { technique: name }, query: { units } },
        }),
      )) as unknown as Technique,
  });

/** What a technique asks and how its fields are shown. */
export function useTechnique(name: string | undefined) {
  return useQuery({
    ...techniqueQuery(name ?? '', useUnits()),
    enabled: Boolean(name),
    placeholderData: (last: Technique | undefined) => last,
  });
}

/** A new ask: what each field begins with; of two fields for one thing only the first. */
export function startOf({
  fields,
  either = [],
}: Pick<Technique, 'fields'> & Partial<Pick<Technique, 'either'>>): Ask {
  return Object.fromEntries(
    fields
      .filter((f) => f.start !== undefined && f.start !== null && !either.slice(1).includes(f.name))
      // Which needle is in the machine is chosen there, and never typed unasked.
      .filter((f) => f.from !== 'needle.size')
      .map((f) => [f.name, f.start]),
  );
}

/** The techniques in which a piece can be worked. */
export function useTechniques() {
  const units = useUnits();
  return useQuery({
    queryKey: ['techniques', units],
    staleTime: Infinity,
    queryFn: () => value(api.GET('/api/techniques')),
  });
}
