import type { ClothLook } from './cloth';

type Props = {
  id: string;
  look: ClothLook;
  /** Pixels of one repeat across. */
  repeat: number;
  /** How many times the cloth is drawn up, which crowds its pattern. */
  crowded?: number;
  /** Whether the lengthwise grain lies across the page. */
  lying?: boolean;
  /** Whether it is near enough for the weave to show. */
  weave?: boolean;
};

/** The working's own cloth as a pattern to fill with. */
export function ClothPattern({ id, look, repeat, crowded = 1, lying = false, weave = false }: Props) {
  const w = repeat;
  const { ground, accent } = look;
  return (
    <pattern
      id={id}
      width={w}
      height={w}
      patternUnits="userSpaceOnUse"
      patternTransform={`scale(${1 / crowded} 1)${lying ? ' rotate(90)' : ''}`}
    >
      <rect width={w} height={w} fill={ground} />
      {look.pattern === 'stripe' && (
        <>
          <rect x={w * 0.16} width={w * 0.22} height={w} fill={accent} />
          <rect x={w * 0.62} width={w * 0.08} height={w} fill={accent} />
        </>
      )}
      {look.pattern === 'check' && (
        <>
          <rect width={w / 2} height={w} fill={accent} opacity={0.5} />
          <rect width={w} height={w / 2} fill={accent} opacity={0.5} />
        </>
      )}
      {look.pattern === 'dots' && (
        <>
          <circle cx={w / 4} cy={w / 4} r={w * 0.12} fill={accent} />
          <circle cx={(w * 3) / 4} cy={(w * 3) / 4} r={w * 0.12} fill={accent} />
        </>
      )}
      {look.pattern === 'sprig' && (
        <path
          d={`M${w * 0.3} ${w * 0.75}q${w * 0.05}-${w * 0.3} ${w * 0.22}-${w * 0.45}m-${w * 0.17} ${w * 0.22}q-${w * 0.16}-${w * 0.02}-${w * 0.2}-${w * 0.16}m${w * 0.25} ${w * 0.05}q${w * 0.16} 0 ${w * 0.22}-${w * 0.1}`}
          fill="none"
          stroke={accent}
          strokeWidth={Math.max(1, w * 0.07)}
          strokeLinecap="round"
        />
      )}
      {weave && (
        <path
          d={Array.from({ length: 12 }, (_, i) => `M0 ${((i + 0.5) * w) / 12}H${w}`).join('')}
          stroke="#fff"
          strokeWidth={0.7}
          opacity={0.45}
        />
      )}
    </pattern>
  );
}
