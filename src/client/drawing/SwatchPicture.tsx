import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { api, value } from '../api/http';
import type { Cloth, Drawing } from '../api/types';
import { lookOf } from './cloth';
import { ClothPattern } from './ClothPattern';
import { pinked } from './pinked';
import { InSmall } from './Portrait';

type Props = {
  swatch: { id: string; version: number };
  cloth: Cloth;
  /** The id of its first photograph. */
  photograph?: string;
  size?: number;
};

/** A swatch as it looks: its photograph, or else what was sewn, in its own cloth with pinked edges. */
export function SwatchPicture({ swatch, cloth, photograph, size = 84 }: Props) {
  const id = useId();
  const drawing = useQuery({
    queryKey: ['swatch-drawing', swatch.id, swatch.version],
    staleTime: Infinity,
    enabled: !photograph,
    placeholderData: (last) => last,
    queryFn: async () =>
      (await value(
        api.GET('/api/swatches/{id}/drawing', { params: { path: { id: swatch.id } } }),
      )) as unknown as Drawing,
  }).data;
  if (photograph)
    return (
      <img
        className="shrink-0 rounded-md object-cover"
        style={{ width: size, height: size }}
        src={`/api/photographs/${photograph}/picture?small=true`}
        alt=""
        loading="lazy"
      />
    );
  const look = lookOf(cloth);
  const outline = pinked(size, Math.round(size / 6));
  return (
    <svg width={size} height={size} className="shrink-0" aria-hidden>
      <defs>
        <ClothPattern id={`${id}-main`} look={look} repeat={14} />
        <ClothPattern id={`${id}-gathered`} look={look} repeat={12} crowded={1.5} />
        <clipPath id={`${id}-edge`}>
          <path d={outline} />
        </clipPath>
      </defs>
      <path d={outline} fill={`url(#${id}-main)`} />
      <g clipPath={`url(#${id}-edge)`}>
        {drawing && (
          <svg
            width={size}
            height={size}
            viewBox={`0 0 ${drawing.width} ${drawing.height}`}
            preserveAspectRatio="xMidYMid slice"
          >
            <InSmall drawing={drawing} fill={id} look={look} />
          </svg>
        )}
      </g>
      <path d={outline} fill="none" stroke="var(--cloth-edge)" strokeWidth={0.8} />
    </svg>
  );
}
