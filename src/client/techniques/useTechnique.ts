import { queryOptions, useQuery } from '@tanstack/react-query';
import type { Technique, Units } from '../api/types';
import { api, value } from '../api/http';
import { useUnits } from '../app/workroom';

/** A technique as the server tells it: what it asks, and how that is shown. */
export const techniqueQuery = (name: string, units: Units) =>
  queryOptions({
    queryKey: ['technique', name, units],
    staleTime: Infinity,
    queryFn: async () =>
      (await value(
        api.GET('/api/techniques/{technique}', {
          params: { path: { technique: name }, query: { units } as never },
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

/** A new ask: what each field begins with. */
export function startOf(technique: Technique): Record<string, unknown> {
  return Object.fromEntries(
    technique.fields.filter((f) => f.start !== undefined).map((f) => [f.name, f.start]),
  );
}
