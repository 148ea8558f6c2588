import { onDay } from '../../app/dates';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Plan, Units } from '../../api/types';
import { Measure } from '../Measure';
import { sizeOf } from './ToCut';
import type { CutLists } from './useCutLists';

type Props = { working: string; cuts: CutLists; isOff: boolean; units: Units };

/** Freezes what is cut, and says what was frozen. */
export function Frozen({ working, cuts: { lists, freeze, takeBack }, isOff, units }: Props) {
  // The button that locked it is gone then: the keys go on from what stands in its place.
  const on = useRef<HTMLAnchorElement>(null);
  const off = useRef<HTMLButtonElement>(null);
  const last = lists?.[0];
  const isLocked = Boolean(last);
  const pressed = useRef(false);
  useEffect(() => {
    if (!pressed.current) return;
    pressed.current = false;
    (isLocked ? on : off).current?.focus();
  }, [isLocked]);
  const lock = () => {
    pressed.current = true;
    void freeze();
  };
  const unlock = (id: string) => {
    pressed.current = true;
    void takeBack(id);
  };
  const count = (last?.swatches as unknown[] | undefined)?.length ?? 0;
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-2">
        {last ? (
          <Link ref={on} className="btn" to={`/parts/${working}/sew`}>
            Continue to Sew
          </Link>
        ) : (
          <button ref={off} type="button" className="btn" disabled={isOff} onClick={lock}>
            Lock the cutting list
          </button>
        )}
        <button type="button" className="btn quiet" onClick={() => print()}>
          Print
        </button>
      </div>
      {isOff && !last && <p className="wrong">This can’t be cut yet: see the Stop message.</p>}
      {last && (
        <p className="mt-3 text-sm">
          Locked on {onDay(last.cutAt, units)}:{' '}
          <b>
            <Measure text={asCut(last.answer as Plan)} />
          </b>
          , based on {count} {count === 1 ? 'swatch' : 'swatches'}.
          <button type="button" className="btn bare" onClick={() => unlock(last.id)}>
            Unlock
          </button>
          <button type="button" className="btn bare" onClick={() => void freeze()}>
            Lock again
          </button>
        </p>
      )}
    </>
  );
}

/** What was cut, in the figures and the units it was cut in. */
const asCut = (answer: Plan) =>
  answer.pieces
    .map((piece) => {
      const { figures, unit } = sizeOf(piece);
      return `${piece.count} ${piece.name}, ${figures} ${unit}`.trim();
    })
    .join('; ');
