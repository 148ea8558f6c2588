import type { Found, Made } from '../../app/faults';

/** Fewer chances than this are not worth a line. */
const least = 0.04;

const did = { gone: 'Gone.', better: 'Better.', same: 'The same.', worse: 'Worse.' };

/** What is likely behind it, each with what speaks for it; and what was tried. */
export function Causes({
  found,
  tried,
  setTried,
}: {
  found: Found;
  tried: Made[];
  setTried: (made: Made[]) => void;
}) {
  const shown = found.causes.filter((c) => c.cause !== 'other' && c.probability >= least).slice(0, 5);
  return (
    <section className="sheet" aria-label="Likely causes">
      <h2 className="font-bold">Likely causes</h2>
      <ol className="mt-2 grid gap-2.5">
        {shown.map((cause) => (
          <li key={cause.cause}>
            <span className="flex items-baseline justify-between gap-3">
              <b className="leading-snug">{cause.says}</b>
              <span className="fig shrink-0">{Math.round(100 * cause.probability)} %</span>
            </span>
            <i
              className="mt-1 block h-2 rounded-sm bg-slate"
              style={{ width: `${Math.max(3, 100 * cause.probability)}%` }}
              aria-hidden
            />
            <span className="text-[0.9rem] text-soft">{cause.because}</span>
          </li>
        ))}
      </ol>
      {tried.length > 0 && (
        <>
          <h3 className="mt-4 font-bold">Tried</h3>
          <ul className="mt-1">
            {tried.map((made, i) => (
              <li key={i} className="flex min-h-11 items-center justify-between gap-2">
                <span>
                  {found.tried[i] ?? made.try} <b>{did[made.result]}</b>
                </span>
                <button
                  type="button"
                  className="btn bare"
                  aria-label={`Take back: ${found.tried[i] ?? made.try}`}
                  onClick={() => setTried(tried.filter((_, k) => k !== i))}
                >
                  Undo
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
