import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { components } from '../../api/schema';
import { api, value } from '../../api/http';
import type { Units } from '../../api/types';

/** A piece that stays where it was put, in mm. */
export type Pin = components['schemas']['PinIn'];

export type Fabric = components['schemas']['FabricOut'];

/** How long is looked for a better layout, one after the other, in seconds; the first comes at once. */
const looks = [0, 2, 8];

/** What is still to be cut of a project; of one fabric alone, where one is named. */
export const cuttingQuery = (
  project: string,
  units: Units,
  more: { fabric?: string; seconds?: number; edgeToEdge?: boolean; pins?: string } = {},
) =>
  queryOptions({
    queryKey: ['cutting', project, units, more],
    queryFn: ({ signal }) =>
      value(
        api.GET('/api/projects/{id}/cutting', {
          params: { path: { id: project }, query: { units, ...more } },
          signal,
        }),
      ),
  });

/**
 * The best layout of a fabric so far: the first at once, then better ones as they are found, until less cannot do or it is
 * stopped.
 */
export function useLayout(
  project: string,
  first: Fabric,
  units: Units,
  { edgeToEdge, pins }: { edgeToEdge: boolean; pins: Pin[] },
) {
  const queries = useQueryClient();
  const [isStopped, stop] = useState(false);
  const asked = (seconds: number, pinned: Pin[]) =>
    cuttingQuery(project, units, {
      fabric: first.key,
      seconds,
      edgeToEdge,
      ...(pinned.length > 0 ? { pins: JSON.stringify(pinned) } : {}),
    });
  const look = (seconds: number, isWanted: boolean) => ({
    ...asked(seconds, pins),
    enabled: isWanted,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  });
  const isAsItCame = !edgeToEdge && pins.length === 0;
  const [at0, at1, at2] = looks as [number, number, number];
  const begun = useQuery(look(at0, !isAsItCame)).data?.fabrics[0];
  const found = isAsItCame ? first : begun;
  const isOpen = (fabric: Fabric | undefined) => Boolean(fabric && !fabric.layout.isProven) && !isStopped;
  const second = useQuery(look(at1, isOpen(found)));
  const third = useQuery(look(at2, !second.isPlaceholderData && isOpen(second.data?.fabrics[0])));
  // What was found for other pins only stands in until these are laid out.
  const last = [
    { fabric: third.isPlaceholderData ? undefined : third.data?.fabrics[0], seconds: at2 },
    { fabric: second.isPlaceholderData ? undefined : second.data?.fabrics[0], seconds: at1 },
    { fabric: found, seconds: at0 },
  ].find((l) => l.fabric);
  return {
    fabric: last?.fabric ?? first,
    seconds: last?.seconds ?? 0,
    isLooking: !isStopped && (second.isFetching || third.isFetching),
    stop: () => stop(true),
    lookOn: () => stop(false),
    isStopped,
    /** Lays the rest out round pins, at once; refused where one does not lie where it was put. */
    tryPins: (pinned: Pin[]) => queries.fetchQuery(asked(at0, pinned)),
  };
}
