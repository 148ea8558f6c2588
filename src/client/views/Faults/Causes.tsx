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
  const shown = singles(found);
  const isPair = found.causes[0]?.cause.includes('+');
  return (
    <section className="sheet" aria-label="Likely causes">
      <h2 className="font-bold">Likely causes</h2>
      {isPair && <p className="text-soft">It may well be two things at once.</p>}
      <ol className="mt-2 grid gap-2.5">
        {shown.map((cause) => (
          <li key={cause.name}>
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

/** Each single cause, with and without another. */
function singles(found: Found) {
  const of = new Map<string, { name: string; says: string; probability: number; because: string }>();
  for (const { cause, says, probability, because } of found.causes) {
    if (cause === 'other') continue;
    const parts = says.split(' And: ');
    cause.split('+').forEach((name, i) => {
      const is = of.get(name) ?? { name, says: parts[i]!, probability: 0, because };
      of.set(name, { ...is, probability: is.probability + probability });
    });
  }
  return [...of.values()]
    .sort((a, b) => b.probability - a.probability)
    .filter((c) => c.probability >= least)
    .slice(0, 5);
}
