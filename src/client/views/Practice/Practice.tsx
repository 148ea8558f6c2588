import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { PageHead } from '../../app/PageHead';
import { usePractised } from '../../app/practised';
import { useUnits } from '../../app/workroom';
import type { Ready } from './machine';
import { Progress } from './Progress';
import { Pull } from './Pull';
import { Trainer } from './Trainer';
import { useExercises, type Exercise, type Score } from './usePractice';
import { Verdict } from './Verdict';

/** Practice for the hands, on a machine that is not there and cannot break a needle. */
export function Practice() {
  const { exercise: asked } = useParams();
  const navigate = useNavigate();
  const units = useUnits();
  const all = useExercises();
  const practised = usePractised();
  const [last, setLast] = useState<{ of: string; score: Score } | null>(null);
  // What was set up stays set up from exercise to exercise, as on a real machine.
  const [is, setIs] = useState<Ready>({ feedDogsDown: false, footDown: false, bobbinUp: false });
  const [speeds, setSpeeds] = useState<Record<string, number>>({});
  if (!all) return <PageHead title="Practice" crumb="Opening…" />;
  const { exercises, wide, high } = all;
  const exercise = asked ? exercises.find((e) => e.name === asked) : exercises[0];
  const tries = practised?.tries ?? [];
  if (!exercise)
    return (
      <>
        <PageHead title="Practice" />
        <p className="sheet">
          There is no such exercise. <Link to="/practice">Begin with the first</Link>
        </p>
      </>
    );
  const said = last?.of === exercise.name ? last : null;
  const scored = (score: Score) => setLast({ of: exercise.name, score });
  const setSpeed = (speed: number) => setSpeeds({ ...speeds, [exercise.name]: speed });
  const after = exercises[exercises.indexOf(exercise) + 1];
  return (
    <>
      <PageHead title="Practice" crumb="on a simulated machine: no needles at risk" />
      <div className="mt-3 grid gap-4 lg:grid-cols-[15rem_minmax(0,1fr)]">
        <nav aria-label="Exercises" className="min-w-0">
          <ol className="grid gap-1 max-lg:flex max-lg:overflow-x-auto max-lg:pb-2">
            {exercises.map((e, i) => (
              <Exercises
                key={e.name}
                number={i + 1}
                exercise={e}
                here={e === exercise}
                best={bestOf(tries, e)}
              />
            ))}
          </ol>
        </nav>
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 xl:grid-cols-[minmax(0,1fr)_19rem]">
          <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-3">
            <div>
              <h2 className="text-[1.35rem]">{exercise.title}</h2>
              <p className="max-w-[44em]">{exercise.says}</p>
            </div>
            {exercise.of === 'pull' ? (
              <Pull key={exercise.name} exercise={exercise} scored={scored} />
            ) : (
              <Trainer
                key={exercise.name}
                exercise={exercise}
                wide={wide}
                high={high}
                is={is}
                setIs={setIs}
                speed={speeds[exercise.name] ?? exercise.machine}
                setSpeed={setSpeed}
                scored={scored}
              />
            )}
          </div>
          <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
            {said && (
              <Verdict
                exercise={exercise}
                score={said.score}
                again={() => {
                  if (said.score.runAt > 0) setSpeed(Math.round(said.score.runAt));
                  document.querySelector<HTMLElement>('[role=application]')?.focus();
                }}
                next={after && (() => void navigate(`/practice/${after.name}`))}
              />
            )}
            <Progress tries={tries.filter((t) => t.exercise === exercise.name)} units={units} />
            {practised?.pace && (
              <section className="sheet" aria-label="Your natural pace">
                <h2>Your natural pace</h2>
                <p>
                  <span className="fig text-[1.7rem]">{practised.pace.hand} mm</span> a second, with the
                  machine at <b>{practised.pace.machine}</b> stitches a minute: stitches of{' '}
                  <b>{((practised.pace.hand * 60) / practised.pace.machine).toFixed(1)} mm</b>.
                </p>
                <p className="text-sm text-soft">
                  On your last {practised.pace.tries} even attempts. You can use it in a free-motion plan with
                  one press.
                </p>
              </section>
            )}
          </aside>
        </div>
      </div>
    </>
  );
}

function Exercises({
  number,
  exercise,
  here,
  best,
}: {
  number: number;
  exercise: Exercise;
  here: boolean;
  best: number | null;
}) {
  return (
    <li className="max-lg:shrink-0">
      <Link
        to={`/practice/${exercise.name}`}
        aria-current={here ? 'page' : undefined}
        className={`flex min-h-11 items-center gap-3 rounded-lg px-3 ${here ? 'bg-ink text-paper' : 'hover:bg-paper'}`}
      >
        <span className="fig w-5 text-right">{number}</span>
        <span className="min-w-0 flex-1">
          {exercise.title}
          {exercise.byKeys && <span className="block text-[0.78rem] opacity-80">keyboard only</span>}
        </span>
        {best !== null && <b aria-label={`best: ${best} of 100`}>{best}</b>}
      </Link>
    </li>
  );
}

const bestOf = (tries: { exercise: string; score: Score }[], { name }: Exercise) => {
  const own = tries.filter((t) => t.exercise === name).map((t) => t.score.points);
  return own.length ? Math.round(Math.max(...own)) : null;
};
