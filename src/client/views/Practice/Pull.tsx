import { useState } from 'react';
import { saysOf } from '../../api/http';
import { pulled, spread, flat, lengthsOf, reach } from './gather';
import { useKeepTry, type Exercise, type Score, type Sent } from './usePractice';

/** A gathering thread pulled from the right, and the fullness spread by hand. */
export function Pull({ exercise, scored }: { exercise: Exercise; scored: (score: Score) => void }) {
  const keep = useKeepTry();
  const [full, setFull] = useState(flat);
  const [at, setAt] = useState(0);
  const [wrong, setWrong] = useState('');
  const lengths = lengthsOf(full);
  const total = reach(full);
  const done = async () => {
    setWrong('');
    let x = 0;
    // A mark at each end of each part, in the order along the thread.
    const marks: Sent[] = [[0, 0, 0], ...lengths.map((l, i): Sent => [(x += l), 0, i + 1])];
    try {
      scored((await keep(exercise.name, marks)).score);
      setFull(flat);
    } catch (refused) {
      setWrong(saysOf(refused));
    }
  };
  const isUp = total <= 90;
  return (
    <section className="sheet grid gap-3" aria-label="Gathering thread">
      <p>
        Flat it is 16 cm; pull it up to <b>9 cm</b>. It is{' '}
        <b className="fig text-xl">{(total / 10).toFixed(1)} cm</b>.
      </p>
      <div
        className="flex h-36 items-end gap-[2px] rounded-[10px] bg-ground p-3"
        role="group"
        aria-label="The gathered edge: a press spreads a part"
      >
        {full.map((f, i) => (
          <button
            key={i}
            type="button"
            aria-label={`Part ${i + 1}: ${f.toFixed(1)} × fullness`}
            className={`relative h-full rounded-md ${i === at ? 'outline-3 outline-tacking' : ''}`}
            style={{ width: `${(lengths[i]! / 160) * 100}%` }}
            onClick={() => {
              setAt(i);
              setFull(spread(full, i));
            }}
          >
            <svg className="h-full w-full" viewBox="0 0 10 100" preserveAspectRatio="none" aria-hidden>
              <path
                d={`M0 20 ${Array.from({ length: 8 }, (_, k) => `Q${(k + 0.5) * 1.25} ${k % 2 ? 20 + f * 5 : 20 - f * 5} ${(k + 1) * 1.25} 20`).join(' ')} L10 100 L0 100Z`}
                fill="var(--plain)"
                stroke="var(--ink)"
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
              />
            </svg>
          </button>
        ))}
      </div>
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn" onClick={() => setFull(pulled(full))} disabled={isUp}>
          Pull the thread
        </button>
        <button type="button" className="btn quiet" onClick={() => setFull(spread(full, at))}>
          Spread part {at + 1}
        </button>
        <button type="button" className="btn" onClick={() => void done()} disabled={!isUp}>
          Finish and score
        </button>
      </div>
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}
