import type { Pins } from './usePins';

/** What was put by hand, each to be let go of. */
export function Pinned({ pins: { marks, error, free } }: { pins: Pins }) {
  return (
    <div className="text-[0.95rem]" role="status">
      {marks.length === 0 ? (
        <p className="text-soft">
          Pull a piece to where you want it: it is pinned there, and the rest follows.
        </p>
      ) : (
        <p className="flex flex-wrap items-center gap-x-3">
          <b>Pinned: {marks.join(', ')}</b>
          <button type="button" className="btn bare !px-1" onClick={() => free()}>
            Let {marks.length === 1 ? 'it' : 'them'} go
          </button>
        </p>
      )}
      {error && <p className="wrong">{error}</p>}
    </div>
  );
}
