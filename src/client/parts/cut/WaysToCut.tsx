import type { Answer, Ask, Length } from '../../api/types';
import { Measure } from '../Measure';

type Way = {
  name: string;
  label: string;
  cloth: Length;
  joins: number;
  minutes: number;
  serves: boolean;
  says: string;
};
type Cut = Answer & { ways: Way[]; way: string; why: string };

/** Every way to cut the strips side by side, the better first and why; one press takes another. */
export function WaysToCut({
  answer,
  set,
}: {
  answer: Answer | null;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
}) {
  const cut = answer as Cut | null;
  if (!cut?.ways) return null;
  return (
    <section className="sheet" aria-label="Strip-cutting methods">
      <h2>Strip-cutting methods</h2>
      <ul className="mt-2 grid">
        {cut.ways.map((way, i) => (
          <li key={way.name} className="border-t border-rule py-2">
            <p className="flex items-baseline gap-2">
              <b className="min-w-0 flex-1">{way.label}</b>
              {way.name === cut.way ? (
                <span className="text-sm whitespace-nowrap text-soft">✓ in use</span>
              ) : (
                <button
                  type="button"
                  className="btn bare"
                  aria-label={`Use this method: ${way.label}`}
                  disabled={!way.serves}
                  onClick={() => set('method', way.name)}
                >
                  Use this method
                </button>
              )}
            </p>
            <p className="flex flex-wrap items-baseline gap-x-3">
              <span className="fig text-xl">
                {way.name === 'remnant' ? 'no fabric' : <Measure text={way.cloth.text} />}
              </span>
              <span>
                {way.joins} {way.joins === 1 ? 'join' : 'joins'}
              </span>
              <span className="text-soft">about {Math.round(way.minutes)} min</span>
            </p>
            <p className="text-[0.84rem] text-soft">
              <Measure text={way.says} />
              {way.serves ? '' : ': not enough'}
            </p>
            {i === 0 && cut.ways.length > 1 && (
              <p className="text-[0.92rem]">
                <Measure text={cut.why} />
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
