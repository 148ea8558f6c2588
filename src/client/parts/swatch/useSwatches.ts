import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { api, ifMatch, Refused, value } from '../../api/http';
import { newId } from '../../api/id';
import type { components } from '../../api/schema';
import type { Units } from '../../api/types';
import { useTurn } from '../../app/history';
import { keeping, notKept } from '../../app/kept';
import { notify } from '../../app/notice';

export type Swatch = components['schemas']['SwatchOut'];
export type SwatchChange = Partial<components['schemas']['SwatchIn']>;

/** The swatches of a working, and what can be done with them; each change is kept before the next is sent. */
export function useSwatches(workingId: string, units: Units) {
  const queries = useQueryClient();
  const turn = useTurn();
  const queue = useRef(Promise.resolve());
  const key = ['swatches', workingId, units];
  const path = { id: workingId };
  const query = { units };
  const swatches = useQuery({
    queryKey: key,
    queryFn: () => value(api.GET('/api/workings/{id}/swatches', { params: { path, query } })),
  }).data;
  const refresh = () =>
    Promise.all(
      [key, ['bench'], ['history'], ['plot'], ['book']].map((queryKey) =>
        queries.invalidateQueries({ queryKey }),
      ),
    );

  // One after the other, so that each knows the version the last one left; a failure does not hold up the next.
  const inTurn = (run: () => Promise<void>) => (queue.current = queue.current.then(run, run));

  const add = (swatch: SwatchChange) =>
    inTurn(async () => {
      await keeping(value(api.POST('/api/swatches', { params: { query }, body: swatch as never })));
      await refresh();
    });

  /** “Sews” one on the simulated bench. */
  const simulate = (working: string, features: Record<string, number>, settings: Record<string, string>) =>
    inTurn(async () => {
      await keeping(
        value(
          api.POST('/api/swatches/simulated', {
            params: { query },
            body: { id: newId(), workingId: working, features, settings, flat: 300 },
          }),
        ),
      );
      await refresh();
    });

  /** Changes a swatch; what is wrong with its readings comes back by field. */
  const change = (id: string, parts: SwatchChange) => {
    let wrong: Record<string, string[]> = {};
    const done = inTurn(async () => {
      const send = async (isSecond: boolean): Promise<void> => {
        const row = queries.getQueryData<Swatch[]>(key)?.find((s) => s.id === id);
        if (!row) return;
        try {
          await keeping(
            value(
              api.PATCH('/api/swatches/{id}', {
                params: { path: { id }, query },
                headers: ifMatch(row.version),
                body: parts as never,
              }),
            ),
          );
          notKept(id, null);
          await refresh();
        } catch (error) {
          const problem = error instanceof Refused ? error.problem : null;
          if (problem?.status === 412 && !isSecond) {
            await refresh();
            return send(true);
          }
          if (problem?.status !== 400) {
            wrong = Object.fromEntries(
              Object.keys(parts).map((part) => [
                part,
                ['Not saved: no connection. Click out of the field to try again.'],
              ]),
            );
            notKept(id, 'A swatch isn’t saved yet: no connection');
          } else wrong = problem.errors ?? {};
        }
      };
      await send(false);
    });
    return done.then(() => wrong);
  };

  const remove = (id: string) =>
    inTurn(async () => {
      await keeping(api.DELETE('/api/swatches/{id}', { params: { path: { id } } }));
      await refresh();
      notify({ says: 'Swatch deleted.', action: { label: 'Undo', run: () => void turn('undo') } });
    });

  return { swatches, add, simulate, change, remove };
}
