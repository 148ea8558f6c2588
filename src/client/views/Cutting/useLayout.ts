import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { components } from '../../api/schema';
import { api, value } from '../../api/http';
import type { Units } from '../../api/types';

/** A piece that stays where it was put, in mm; turned by a quarter or not. */
export type Pin = { piece: number; number: number; on: number; x: number; y: number; turned: boolean };

export type Fabric = components['schemas']['FabricOut'];

/** How a fabric is laid out. */
export type Wanted = components['schemas']['LayoutWanted'];

/** How she cuts, and what she put by hand. */
export type Way = { edgeToEdge: boolean; double: boolean; fromLeft: boolean; pins: Pin[] };

/** As it is laid out before anything is said. */
export const asItCame: Way = { edgeToEdge: false, double: false, fromLeft: false, pins: [] };

/** How long is looked for a better layout, one after the other, in seconds; the first comes at once. */
const looks = [0, 2, 8];

/** What is asked of a fabric laid out in a way. */
const wantedOf = (fabric: string, seconds: number, { pins, ...way }: Way): Wanted => ({
  fabric,
  seconds,
  ...way,
  pins: pins.length > 0 ? JSON.stringify(pins) : '',
});

/** What is still to be cut of a project; of one fabric alone, where one is named. */
export const cuttingQuery = (project: string, units: Units, wanted?: Wanted) =>
  queryOptions({
    queryKey: ['cutting', project, units, wanted],
    queryFn: ({ signal }) =>
      value(
        api.GET('/api/projects/{id}/cutting', {
          params: { path: { id: project }, query: { units, ...wanted } },
          signal,
        }),
      ),
  });

/**
 * The best layout of a fabric so far: the first at once, then better ones as they are found, until less cannot do or it is
 * stopped.
 */
export function useLayout(project: string, first: Fabric, units: Units, way: Way) {
  const queries = useQueryClient();
  const [isStopped, stop] = useState(false);
  const look = (seconds: number, isWanted: boolean) => ({
    ...cuttingQuery(project, units, wantedOf(first.key, seconds, way)),
    enabled: isWanted,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  });
  const isAsItCame = JSON.stringify(way) === JSON.stringify(asItCame);
  const [at0, at1, at2] = looks as [number, number, number];
  const begun = useQuery(look(at0, !isAsItCame)).data?.fabrics[0];
  const found = isAsItCame ? first : begun;
  const isOpen = (fabric: Fabric | undefined) => Boolean(fabric && !fabric.layout.isProven) && !isStopped;
  const second = useQuery(look(at1, isOpen(found)));
  const third = useQuery(look(at2, !second.isPlaceholderData && isOpen(second.data?.fabrics[0])));
  // What was found for another way only stands in until this one is laid out.
  const last = [
    { fabric: third.isPlaceholderData ? undefined : third.data?.fabrics[0], seconds: at2 },
    { fabric: second.isPlaceholderData ? undefined : second.data?.fabrics[0], seconds: at1 },
    { fabric: found, seconds: at0 },
  ].find((l) => l.fabric);
  return {
    fabric: last?.fabric ?? first,
    /** What the layout was asked with, so that it can be asked for again. */
    wanted: wantedOf(first.key, last?.seconds ?? 0, way),
    isLooking: !isStopped && (second.isFetching || third.isFetching),
    stop: () => stop(true),
    lookOn: () => stop(false),
    isStopped,
    /** Lays the rest out round pins, at once; refused where one does not lie where it was put. */
    tryPins: (pins: Pin[]) =>
      queries.fetchQuery(cuttingQuery(project, units, wantedOf(first.key, at0, { ...way, pins }))),
  };
}
