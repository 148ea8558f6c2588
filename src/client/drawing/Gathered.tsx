import type { Shape } from '../api/types';
import type { ClothLook } from './cloth';

type Props = { shape: Extract<Shape, { kind: 'gathered' }>; scale: number; fill: string; look: ClothLook };

const perFold = 14;

/** Gathered cloth: drawn up at its top, its hem the true wave, a shadow in the hollow of every fold. */
export function Gathered({ shape, scale, fill, look }: Props) {
  const { folds } = shape.hem;
  const x0 = shape.from[0] * scale;
  const y0 = shape.from[1] * scale;
  const span = shape.hem.span * scale;
  const drop = shape.drop * scale;
  const a = shape.hem.amplitude * scale;
  const hem = hemOf(x0, y0 + drop, span, a, folds);
  const wave = `M${hem.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
  const lambda = span / folds;
  return (
    <g>
      <path d={`${wave}L${x0 + span} ${y0}H${x0}z`} fill={fill} />
      {Array.from({ length: folds }, (_, i) => {
        const x = x0 + i * lambda;
        return (
          <g key={i}>
            <path d={hollow(x, y0, y0 + drop, lambda, a)} fill="#14233c" opacity={0.16} />
            <path
              d={`M${x + lambda * 0.42} ${y0}C${x + lambda * 0.3} ${y0 + drop * 0.3} ${x + lambda * 0.26} ${y0 + drop * 0.7} ${x + lambda * 0.25} ${y0 + drop + a}`}
              stroke={look.ink}
              strokeWidth={0.7}
              fill="none"
              opacity={0.55}
            />
          </g>
        );
      })}
      <path
        d={wave}
        fill="none"
        stroke={look.ink === '#14233c' ? 'var(--cloth-edge)' : look.ink}
        strokeWidth={1.4}
      />
      <path
        d={`M${x0} ${y0}V${y0 + drop}M${x0 + span} ${y0}V${y0 + drop}`}
        stroke="var(--cloth-edge)"
        strokeWidth={1}
      />
    </g>
  );
}

/** The hem as points; crests hang down, towards the eye. */
function hemOf(x0: number, y: number, span: number, a: number, folds: number): [number, number][] {
  const n = folds * perFold;
  return Array.from({ length: n + 1 }, (_, i) => [
    x0 + (span * i) / n,
    y + a * Math.sin((2 * Math.PI * folds * i) / n),
  ]);
}

/** The shadow between two folds: narrow where it is drawn up, as wide as half a fold at the hem. */
function hollow(x: number, top: number, hem: number, lambda: number, a: number) {
  const [l, r] = [x + lambda * 0.5, x + lambda];
  return `M${x + lambda * 0.66} ${top}C${x + lambda * 0.6} ${top + (hem - top) * 0.4} ${l} ${top + (hem - top) * 0.7} ${l} ${hem}Q${(l + r) / 2} ${hem - a * 1.7} ${r} ${hem}C${r} ${top + (hem - top) * 0.7} ${x + lambda * 0.84} ${top + (hem - top) * 0.4} ${x + lambda * 0.8} ${top}z`;
}
