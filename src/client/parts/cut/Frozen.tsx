import { onDay } from '../../app/dates';
import { Link } from 'react-router';
import type { Plan, Units } from '../../api/types';
import { Measure } from '../Measure';
import { sizeOf } from './ToCut';
import type { CutLists } from './useCutLists';

type Props = { working: string; cuts: CutLists; isOff: boolean; units: Units };

/** Freezes what is cut, and says what was frozen. */
export function Frozen({ working, cuts: { lists, freeze, takeBack }, isOff, units }: Props) {
  const last = lists?.[0];
  const count = (last?.swatches as unknown[] | undefined)?.length ?? 0;
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-2">
        {last ? (
          <Link className="btn" to={`/workings/${working}/sew`}>
            Go on to sew
          </Link>
        ) : (
          <button type="button" className="btn" disabled={isOff} onClick={() => void freeze()}>
            Cut it
          </button>
        )}
        <button type="button" className="btn quiet" onClick={() => print()}>
          Print
        </button>
      </div>
      {isOff && !last && <p className="wrong">It cannot be cut like this: see what stops it.</p>}
      {last && (
        <p className="mt-3 text-sm">
          Cut on {onDay(last.cutAt, units)} as{' '}
          <b>
            <Measure text={asCut(last.answer as Plan)} />
          </b>
          , resting on {count} {count === 1 ? 'swatch' : 'swatches'}.
          <button type="button" className="btn bare" onClick={() => void takeBack(last.id)}>
            Take it back
          </button>
          <button type="button" className="btn bare" onClick={() => void freeze()}>
            Cut again
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
