import { Link } from 'react-router';
import type { Answer, Ask } from '../../api/types';
import { usePractised } from '../../app/practised';

type Told = Answer & { handSpeed?: number; machineSpeed?: number };

/** The pace that her hands keep in practice, to be planned with. */
export function PracticePace({
  answer,
  ask,
  set,
}: {
  answer: Answer | null;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
}) {
  const pace = usePractised()?.pace;
  // Satin is sewn with slow hands, whatever pace they keep in a line.
  if (Number.parseFloat(String(ask.stitchWidth ?? '')) > 0) return null;
  const told = answer as Told | null;
  const isTaken =
    pace && told && Math.abs(told.handSpeed! - pace.hand) < 0.1 && told.machineSpeed === pace.machine;
  return (
    <section className="sheet" aria-label="From your practice">
      <h2>From your practice</h2>
      {pace ? (
        <>
          <p>
            Your usual hand speed <b>{pace.hand} mm a second</b> with the machine at <b>{pace.machine}</b>:
            stitches of <b>{((pace.hand * 60) / pace.machine).toFixed(1)} mm</b>.
          </p>
          {isTaken ? (
            <p className="text-soft">✓ used in the plan</p>
          ) : (
            <button
              type="button"
              className="btn quiet mt-2"
              onClick={() => {
                // Of the three two are said.
                set('stitchLength', '');
                set('machineSpeed', pace.machine);
                set('handSpeed', pace.hand);
              }}
            >
              Plan with it
            </button>
          )}
        </>
      ) : (
        <p>
          Nothing even yet. <Link to="/practice">Practise on the simulated machine</Link>: it finds the pace
          that your hands keep.
        </p>
      )}
    </section>
  );
}
