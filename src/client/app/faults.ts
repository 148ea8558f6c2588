import { useQuery } from '@tanstack/react-query';
import { api, value } from '../api/http';
import type { components } from '../api/schema';
import { useAddress } from './address';
import { useUnits } from './workroom';

export type Symptom = components['schemas']['SymptomOut'];
export type Found = components['schemas']['FoundOut'];
export type Cured = Omit<components['schemas']['Cured'], 'machine' | 'swatch'>;

/** What an attempt did. */
export type Result = 'gone' | 'better' | 'same' | 'worse';

/** An attempt and what it did. */
export type Made = { try: string; result: Result };

/** What is asked of the finder. */
export type Asked = {
  symptoms: string[];
  setUp: Record<string, number | boolean>;
  tried: Made[];
};

/** What can be seen to be wrong; with a technique, what can be met with it. */
export function useSymptoms(technique?: string) {
  const units = useUnits();
  return useQuery({
    queryKey: ['symptoms', units, technique],
    staleTime: Infinity,
    queryFn: () =>
      value(api.GET('/api/faults/symptoms', { params: { query: { units, technique } } })) as Promise<
        Symptom[]
      >,
  }).data;
}

export const findAlone = (body: Asked) => value(api.POST('/api/faults', { body })) as Promise<Found>;

export const findOfPart = (id: string, body: Asked) =>
  value(api.POST('/api/workings/{id}/faults', { params: { path: { id } }, body })) as Promise<Found>;

/** What is seen and what was tried, kept in the address: it survives a screen that went dark. */
export function useTrace() {
  const { address, set } = useAddress();
  const seen = (address.get('seen') ?? '').split(',').filter(Boolean);
  const tried = (address.get('tried') ?? '')
    .split(',')
    .filter(Boolean)
    .map((one): Made => {
      const [attempt = '', result = 'same'] = one.split(':');
      return { try: attempt, result: result as Result };
    });
  return {
    seen,
    tried,
    see: (names: string[]) => set('seen', names.join(',')),
    setTried: (made: Made[]) => set('tried', made.map((m) => `${m.try}:${m.result}`).join(',')),
  };
}
