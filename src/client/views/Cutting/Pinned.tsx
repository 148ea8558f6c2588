import type { Pins } from './usePins';

/** What was put by hand, each to be turned or let go of. */
export function Pinned({ pins: { marks, error, free, turn } }: { pins: Pins }) {
  return (
    <div className="text-[0.95rem]" role="status">
      {marks.length === 0 ? (
        <p className="text-soft">
          Pull a piece to where you want it: it is pinned there, and the rest follows.
        </p>
      ) : (
        <ul aria-label="Pinned">
          {marks.map((mark) => (
            <li key={mark} className="flex flex-wrap items-center gap-x-3">
              <b>Pinned: {mark}</b>
              <button
                type="button"
                className="btn bare !px-1"
                aria-label={`Turn ${mark}`}
                onClick={() => turn(mark)}
              >
                Turn
              </button>
              <button
                type="button"
                className="btn bare !px-1"
                aria-label={`Let ${mark} go`}
                onClick={() => free(mark)}
              >
                Let go
              </button>
            </li>
          ))}
        </ul>
      )}
      {error && <p className="wrong">{error}</p>}
    </div>
  );
}
