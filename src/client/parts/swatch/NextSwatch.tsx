import type { Technique } from '../../api/types';
import type { Features } from './features';
import type { Learnt } from './usePlot';

type Props = {
  next: NonNullable<Learnt['next']>;
  technique: Technique;
  sew: (set: Features) => void;
  /** “Sews” it without thread; missing where no machine is simulated. */
  simulate?: (set: Features) => void;
};

/** The swatch worth sewing next: what to set, and what it would teach. */
export function NextSwatch({ next, technique, sew, simulate }: Props) {
  const names = technique.swatch.knobs.map((k) => k.name);
  const set = Object.fromEntries(
    Object.entries(next.settings).filter(([name]) => names.includes(name)),
  ) as Features;
  return (
    <section className="sheet" aria-label="The next swatch">
      <h2>Most useful next swatch</h2>
      <p className="fig my-1 text-[1.35rem]">{next.says.split(':')[0]}</p>
      <p className="text-[0.92rem] text-soft">
        The range would narrow by about {Math.round(100 * (1 - Math.sqrt(1 - next.lessens)))} %. Any other
        swatch of this fabric teaches something too.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => sew(set)}>
          Record this swatch
        </button>
        {simulate && (
          <button type="button" className="btn quiet" onClick={() => simulate(set)}>
            Simulate it instead
          </button>
        )}
      </div>
      {simulate && (
        <p className="mt-2 text-sm text-soft">
          A simulated machine makes up a result, marked as simulated. It is dropped as soon as you record a
          real one.
        </p>
      )}
    </section>
  );
}
