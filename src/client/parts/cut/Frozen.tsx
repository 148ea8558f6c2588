import { Link } from 'react-router';
import type { CutLists } from './useCutLists';

type Props = { working: string; cuts: CutLists; isOff: boolean };

/** Freezes what is cut, and says what was frozen. */
export function Frozen({ working, cuts: { lists, freeze, takeBack }, isOff }: Props) {
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
          Cut list frozen {new Date(last.cutAt).toLocaleDateString('en-GB')}, resting on {count}{' '}
          {count === 1 ? 'swatch' : 'swatches'}.
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
