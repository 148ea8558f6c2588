import type { Found, Result } from '../../app/faults';

const results: { result: Result; label: string }[] = [
  { result: 'gone', label: 'It is gone' },
  { result: 'better', label: 'Better' },
  { result: 'same', label: 'The same' },
  { result: 'worse', label: 'Worse' },
];

/** The one thing to try next, and what it did. */
export function TryFirst({
  found: { next },
  answered,
}: {
  found: Found;
  answered: (attempt: string, says: string, result: Result) => void;
}) {
  if (!next)
    return (
      <section className="tacked" aria-live="polite">
        <h2 className="fig text-xl">Nothing is left to try here</h2>
        <p className="mt-1">
          What is behind it is not in this book. Somebody who sees the machine may know: a teacher, or a
          mechanic.
        </p>
      </section>
    );
  return (
    <section className="tacked" aria-live="polite" aria-label="Try this first">
      <h2 className="text-soft">
        Try this first · {next.minutes < 1 ? 'half a minute' : `${Math.round(next.minutes)} min`}
      </h2>
      <p className="fig text-[1.7rem] leading-tight [overflow-wrap:anywhere]">{next.says}</p>
      {next.off && <p className="care mt-2">{next.off}</p>}
      <p className="mt-2">{next.because}</p>
      <div className="mt-3 grid grid-cols-2 gap-2">
        {results.map(({ result, label }) => (
          <button
            key={result}
            type="button"
            className={`btn ${result === 'gone' ? '' : 'quiet'}`}
            onClick={() => answered(next.try, next.says, result)}
          >
            {label}
          </button>
        ))}
      </div>
    </section>
  );
}
