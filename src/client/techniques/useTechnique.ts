import { useQuery } from '@tanstack/react-query';
import type { Technique } from '../api/types';
import { api, value } from '../api/http';
import { useUnits } from '../app/workroom';

/** What a technique asks and how its fields are shown. */
export function useTechnique(name: string | undefined) {
  const units = useUnits();
  return useQuery({
    queryKey: ['technique', name, units],
    enabled: Boolean(name),
    staleTime: Infinity,
    placeholderData: (last) => last,
    queryFn: async () => {
      const path = { technique: name! };
      const query = { units } as never;
      return (await value(
        api.GET('/api/techniques/{technique}', { params: { path, query } }),
      )) as unknown as Technique;
    },
  });
}

/** A new ask: what each field begins with. */
export function startOf(technique: Technique): Record<string, unknown> {
  return Object.fromEntries(
    technique.fields.filter((f) => f.start !== undefined).map((f) => [f.name, f.start]),
  );
}
