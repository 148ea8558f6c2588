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
        {simulate && (
          <button type="button" className="btn quiet" onClick={() => simulate(set)}>
            Try without thread
          </button>
        )}
      </div>
      {simulate && (
        <p className="mt-2 text-sm text-soft">
          Without thread, a simulated machine “sews” it; it is marked as simulated for good, and gives way to
          the first that is really sewn.
        </p>
      )}
    </section>
  );
}
