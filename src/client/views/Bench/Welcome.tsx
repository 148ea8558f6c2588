import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Drawing } from '../../api/types';
import { useTechniques } from '../../app/useTechnique';
import { Portrait } from '../../drawing/Portrait';

const lines = [
  {
    of: 'fullness',
    head: 'Say what you want to sew.',
    says: 'A frill 2.6 m long, fifteen tucks, a mended elbow: type it as you would say it.',
  },
  {
    of: 'rows',
    head: 'See what to cut and how to set your machine.',
    says: 'How much fabric, which foot, needle, tension and stitch, each with its reason.',
  },
  {
    of: 'tucks',
    head: 'Sew one test swatch and measure it.',
    says: 'Two measurements later the plan fits your fabric, your machine and your hands.',
  },
];

/** What it is for, in three lines, and where to begin. */
export function Welcome({ plan, tour }: { plan: ReactNode; tour?: () => void }) {
  const known = useTechniques().data;
  return (
    <section className="tacked grid gap-4" aria-labelledby="welcome">
      <h2 id="welcome" className="fig text-2xl">
        From an idea to a sewn piece
      </h2>
      <ol className="grid gap-x-6 gap-y-3 lg:grid-cols-3">
        {lines.map(({ of, head, says }) => {
          const mark = known?.find((t) => t.kin === of)?.mark as Drawing | undefined;
          return (
            <li key={of} className="grid grid-cols-[64px_minmax(0,1fr)] items-start gap-3">
              <span className="pt-1">{mark && <Portrait drawing={mark} />}</span>
              <p>
                <b className="block">{head}</b>
                <span className="text-soft">{says}</span>
              </p>
            </li>
          );
        })}
      </ol>
      <div className="flex flex-wrap gap-3">
        {plan}
        {tour && (
          <button type="button" className="btn quiet" onClick={tour}>
            Try the example
          </button>
        )}
        <Link className="btn quiet" to="/supplies/machine?add">
          Add my machine
        </Link>
      </div>
    </section>
  );
}
