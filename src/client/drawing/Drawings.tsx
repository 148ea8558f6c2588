import { Suspense, useDeferredValue, type ReactNode } from 'react';
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
 * The piece to scale, and what is asked about it: a long piece lies across the top, a tall one stands beside the fields, and
 * stays where it is while they scroll. It follows every key.
 * @param instead What stands in its place until there is something to draw.
 */
export function DrawnFirst({
  answer,
  instead,
  children,
  ...room
}: Omit<Props, 'forCutting'> & { instead: ReactNode; children: ReactNode }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const first = answer?.drawings?.[0];
  const isTall = first && first.height > first.width * 0.4 && width > 640;
  return (
    <div className="drawn-first" ref={ref}>
      <div className="first-drawing">
        {first ? (
          <DrawingView
            {...room}
            drawing={first}
            width={isTall ? width - besides : width}
            maxHeight={isTall ? 330 : 220}
          />
        ) : (
          instead
        )}
      </div>
      <div className="asked">{children}</div>
    </div>
  );
}

/**
 * All pictures of an answer, or all after the first where that stands elsewhere; drawn once the first stands, so that nobody
 * waits for what is further down.
 */
export function Drawings({ answer, cloth, units, forCutting, ask, from = 0 }: Props & { from?: number }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const settled = useDeferredValue(answer, null);
  return (
    <div className="flex min-w-0 flex-wrap items-start gap-x-8 gap-y-5 empty:-mt-5" ref={ref}>
      {from > 0 && settled?.drawings?.[0] && (
        <Near drawing={settled.drawings[0]} cloth={cloth} width={width} />
      )}
      <Others
        drawings={(settled?.drawings ?? []).slice(from).filter((d) => !forCutting || d.isForCutting)}
        cloth={useDeferredValue(cloth)}
        units={units}
        width={width}
        ask={ask}
      />
    </div>
  );
}

/** What fields beside a drawing take, with the gap, in px. */
const besides = 330;

type Room = { cloth: Cloth | undefined; units: Units; width: number; ask?: AskOnDrawing };

function Others({ drawings, ...room }: Room & { drawings: Drawing[] }) {
  return drawings.map((drawing) => <Shown key={drawing.name} {...room} drawing={drawing} />);
}

/** What is nearly square is drawn larger: there it is the height that decides how much can be read. */
function Shown(props: Room & { drawing: Drawing }) {
  const { isCloseUp, width, height } = props.drawing;
  const high = height > width * 0.6 ? 330 : 240;
  return (
    <>
      <DrawingView {...props} maxHeight={isCloseUp ? high - 70 : high} />
      <Near {...props} />
    </>
  );
}

/** The places of a drawing that are seen from near; they follow once the whole stands. */
function Near({ drawing, cloth, width }: Pick<Room, 'cloth' | 'width'> & { drawing: Drawing }) {
  const settled = useDeferredValue(drawing);
  const room = Math.min(width, 420);
  if (settled.nears.length === 0 || room <= 40) return null;
  return (
    <Suspense>
      <NearStops drawing={settled} cloth={cloth} width={room} />
    </Suspense>
  );
}
