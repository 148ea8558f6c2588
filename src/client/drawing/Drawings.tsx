import { Suspense, useDeferredValue } from 'react';
import type { Answer, Cloth, Drawing, Units } from '../api/types';
import { later } from '../later';
import { DrawingView, type AskOnDrawing } from './DrawingView';
import { useWidth } from './useWidth';

const NearStops = later(async () => (await import('./NearStops')).NearStops);

type Props = {
  /** Null while nothing can be drawn; the room for it is measured all the same. */
  answer: Answer | null;
  cloth: Cloth | undefined;
  units: Units;
  /** Whether only what is looked at while cutting is wanted. */
  forCutting?: boolean;
  ask?: AskOnDrawing;
};

/**
 * The piece to scale. The first picture follows every key; the others are drawn once it stands, so that nobody waits for
 * what is further down.
 */
export function Drawings({ answer, cloth, units, forCutting, ask }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const wanted = (of: Answer | null) => (of?.drawings ?? []).filter((d) => !forCutting || d.isForCutting);
  const [first] = wanted(answer);
  const settled = useDeferredValue(answer, null);
  return (
    <div className="flex min-w-0 flex-wrap items-start gap-x-8 gap-y-5 empty:-mt-5" ref={ref}>
      {first && <Shown drawing={first} cloth={cloth} units={units} width={width} ask={ask} />}
      <Others
        drawings={wanted(settled)
          .slice(1)
          .filter((d) => d.name !== first?.name)}
        cloth={useDeferredValue(cloth)}
        units={units}
        width={width}
        ask={ask}
      />
    </div>
  );
}

type Room = { cloth: Cloth | undefined; units: Units; width: number; ask?: AskOnDrawing };

function Others({ drawings, ...room }: Room & { drawings: Drawing[] }) {
  return drawings.map((drawing) => <Shown key={drawing.name} {...room} drawing={drawing} />);
}

/** What is nearly square is drawn larger: there it is the height that decides how much can be read. */
function Shown(props: Room & { drawing: Drawing }) {
  const { isCloseUp, width, height } = props.drawing;
  const high = height > width * 0.6 ? 330 : 240;
  const room = Math.min(props.width, 420);
  // What is seen from near follows once the whole stands.
  const settled = useDeferredValue(props.drawing);
  return (
    <>
      <DrawingView {...props} maxHeight={isCloseUp ? high - 70 : high} />
      {settled.nears.length > 0 && room > 40 && (
        <Suspense>
          <NearStops drawing={settled} cloth={props.cloth} width={room} />
        </Suspense>
      )}
    </>
  );
}
