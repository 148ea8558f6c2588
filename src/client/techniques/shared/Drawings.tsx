import { memo, useDeferredValue } from 'react';
import type { Answer, Cloth, Units } from '../../api/types';
import { DrawingView } from '../../drawing/DrawingView';
import { useWidth } from '../../drawing/useWidth';

type Props = {
  /** Null while nothing can be drawn; the room for it is measured all the same. */
  answer: Answer | null;
  cloth: Cloth | undefined;
  units: Units;
  only?: string[];
};

const heights: Record<string, number> = {
  gathered: 190,
  edges: 240,
  'close-up': 170,
  layout: 300,
  folds: 220,
  'at-rest': 210,
  flat: 260,
};

/**
 * The piece to scale: gathered, flat with its edge, close, and on the cloth. The first picture follows every key; the
 * others are drawn once it stands, so that nobody waits for what is further down.
 */
export function Drawings({ answer, cloth, units, only }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const names = (answer?.drawings ?? []).map((d) => d.name).filter((name) => !only || only.includes(name));
  const later = useDeferredValue(answer, null);
  const shown = { width, units };
  return (
    <div className="grid min-w-0 gap-5 empty:-mt-5" ref={ref}>
      {answer && names[0] && <Named {...shown} answer={answer} cloth={cloth} name={names[0]} />}
      <Others {...shown} answer={later} cloth={useDeferredValue(cloth)} names={names.slice(1).join(' ')} />
    </div>
  );
}

type Shown = { answer: Answer | null; cloth: Cloth | undefined; units: Units; width: number };

const Others = memo(function Others({ names, ...shown }: Shown & { names: string }) {
  return names.split(' ').map((name) => <Named key={name} {...shown} name={name} />);
});

function Named({ answer, name, ...shown }: Shown & { name: string }) {
  const drawing = answer?.drawings?.find((d) => d.name === name);
  return drawing && <DrawingView {...shown} drawing={drawing} maxHeight={heights[name]} />;
}
