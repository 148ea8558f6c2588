import type { Technique } from '../../api/types';
import { knobsOf, type Features } from './features';
import type { PlotData } from './usePlot';

type Props = {
  next: NonNullable<PlotData['next']>;
  technique: Technique;
  sew: (set: Features) => void;
  simulate: (set: Features) => void;
};

/** The swatch worth sewing next: what to set, and what it would teach. */
export function NextSwatch({ next, technique, sew, simulate }: Props) {
  const names = knobsOf(technique).map((k) => k.name);
  const set = Object.fromEntries(
    Object.entries(next.features).filter(([name]) => names.includes(name)),
  ) as Features;
  return (
    <section className="sheet" aria-label="The next swatch">
      <h2>The swatch worth sewing next</h2>
      <p className="fig my-1 text-[1.35rem]">{next.says.split(':')[0]}</p>
      <p className="text-[0.92rem] text-soft">
        The range would narrow by about {Math.round(100 * (1 - Math.sqrt(1 - next.lessens)))} %. Any other
        swatch of this cloth teaches something too.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => sew(set)}>
          Sew this one
        </button>
        <button type="button" className="btn quiet" onClick={() => simulate(set)}>
          Try without thread
        </button>
      </div>
      <p className="mt-2 text-sm text-soft">
        Without thread, a simulated machine “sews” it; it is marked as simulated for good, and gives way to
        the first that is really sewn.
      </p>
    </section>
  );
}
