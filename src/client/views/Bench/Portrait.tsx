import { useId } from 'react';
import type { Cloth } from '../../api/types';
import { lookOf } from '../../drawing/cloth';
import { ClothPattern } from '../../drawing/ClothPattern';

const [w, h, folds] = [110, 58, 5];

/** A working in small: its cloth, with a hem as full as it comes out. */
export function Portrait({ slope, cloth }: { slope: number; cloth: Cloth }) {
  const id = useId();
  const look = lookOf(cloth);
  const amplitude = Math.min(13, (w / folds) * (slope / (2 * Math.PI)));
  const hem = Array.from({ length: folds * 12 + 1 }, (_, i) => {
    const x = (w * i) / (folds * 12);
    return `${x.toFixed(1)} ${(h - 15 + amplitude * Math.sin((2 * Math.PI * folds * x) / w)).toFixed(1)}`;
  }).join('L');
  return (
    <svg viewBox={`0 0 ${w} ${h}`} className="w-full" aria-hidden>
      <defs>
        <ClothPattern id={id} look={look} repeat={12} crowded={slope > 0 ? 1.5 : 1} />
      </defs>
      <path d={`M${hem}L${w} 6H0z`} fill={`url(#${id})`} />
      {slope > 0 &&
        Array.from({ length: folds }, (_, i) => (
          <path
            key={i}
            d={`M${(i + 0.7) * (w / folds)} 6L${(i + 0.5) * (w / folds)} ${h - 15}Q${(i + 0.75) * (w / folds)} ${h - 15 - amplitude * 1.9} ${(i + 1) * (w / folds)} ${h - 15}L${(i + 0.8) * (w / folds)} 6z`}
            fill="#14233c"
            opacity={0.15}
          />
        ))}
      <path d={`M${hem}`} fill="none" stroke={look.ink} strokeWidth={1.4} />
      <rect width={w} height={7} fill="var(--plain)" stroke="var(--cloth-edge)" strokeWidth={0.8} />
    </svg>
  );
}
