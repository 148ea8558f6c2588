import type { Length, Plan } from '../../api/types';
import { Measure } from '../Measure';

type Becoming = NonNullable<NonNullable<Plan['expected']>['becomes']>;

/** The piece as it is cut and as it then likely is, to one scale; where its edge may lie is shaded. */
export function Becomes({ becomes }: { becomes: Becoming }) {
  const { flat, wanted, low, mid, high } = becomes;
  const width = 320;
  const most = Math.max(flat.mm, high.mm, wanted.mm);
  const at = ({ mm }: Length) => (Math.max(0, mm) / most) * (width - 4) + 2;
  const folds = Math.max(2, Math.round(at(mid) / 14));
  return (
    <figure className="mb-1">
      <svg viewBox={`0 0 ${width} 78`} className="block w-full max-w-[30rem]" aria-hidden>
        <rect x={2} y={2} width={at(flat) - 2} height={26} fill="var(--paper)" stroke="var(--slate)" />
        <rect x={2} y={40} width={at(mid) - 2} height={30} fill="var(--ground)" stroke="var(--ink)" />
        {Array.from({ length: folds - 1 }, (_, i) => (
          <path
            key={i}
            d={`M${2 + ((at(mid) - 2) * (i + 1)) / folds} 42v26`}
            stroke="var(--slate)"
            strokeWidth={0.8}
          />
        ))}
        <rect
          x={at(low)}
          y={37}
          width={Math.max(2, at(high) - at(low))}
          height={36}
          fill="var(--chalk)"
          opacity={0.7}
        />
        <path d={`M${at(mid)} 37v36`} stroke="var(--ink)" strokeWidth={2} />
        <path d={`M${at(wanted)} 33v44`} stroke="var(--moss)" strokeWidth={2} strokeDasharray="4 3" />
      </svg>
      <figcaption className="text-[0.92rem]">
        <Measure text={flat.text} /> flat becomes about <Measure text={mid.text} />, 9 times out of 10{' '}
        <Measure text={low.text} /> to <Measure text={high.text} />.
      </figcaption>
    </figure>
  );
}
