import type { Answer, Cloth, Units } from '../../api/types';
import { DrawingView } from '../../drawing/DrawingView';

type Props = { answer: Answer; cloth: Cloth | undefined; units: Units; only?: string[] };

const heights: Record<string, number> = {
  gathered: 190,
  edges: 240,
  'close-up': 170,
  layout: 300,
  folds: 220,
  'at-rest': 210,
  flat: 260,
};

/** The piece to scale: gathered, flat with its edge, close, and on the cloth. */
export function Drawings({ answer, cloth, units, only }: Props) {
  const drawings = (answer.drawings ?? []).filter((d) => !only || only.includes(d.name));
  return (
    <div className="grid min-w-0 gap-5">
      {drawings.map((drawing) => (
        <DrawingView
          key={drawing.name}
          drawing={drawing}
          cloth={cloth}
          units={units}
          maxHeight={heights[drawing.name]}
        />
      ))}
    </div>
  );
}
