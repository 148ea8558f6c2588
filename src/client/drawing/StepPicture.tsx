import type { Cloth, Drawing, Step, Units } from '../api/types';
import { DrawingView } from './DrawingView';
import { useWidth } from './useWidth';

type Props = {
  step: Step;
  drawings: Drawing[] | undefined;
  cloth: Cloth;
  units: Units;
  maxHeight?: number;
};

/** The drawing of a step's moment, with what matters lit up. */
export function StepPicture({ step, drawings, cloth, units, maxHeight = 200 }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const drawing = drawings?.find((d) => d.name === step.picture?.drawing);
  return (
    <div ref={ref} className="min-w-0 empty:hidden" data-picture={drawing?.name}>
      {drawing && step.picture && (
        <DrawingView
          drawing={drawing}
          moment={step.picture}
          cloth={cloth}
          units={units}
          width={width}
          maxHeight={maxHeight}
        />
      )}
    </div>
  );
}
