import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { saysOf } from '../../api/http';
import { useKeys } from '../../app/keys';
import { troubles, type Ready } from './machine';
import { footSide, scale, size } from './paint';
import { startOf, useMachine } from './useMachine';
import { useKeepTry, type Exercise, type Score, type Sent } from './usePractice';

type Props = {
  exercise: Exercise;
  wide: number;
  high: number;
  /** What is set on the machine; it stays from try to try. */
  is: Ready;
  setIs: (is: Ready) => void;
  /** Stitches a minute while the pedal is down. */
  speed: number;
  setSpeed: (speed: number) => void;
  scored: (score: Score) => void;
};

const ready: { name: keyof Ready; label: string }[] = [
  { name: 'feedDogsDown', label: 'Feed dogs down' },
  { name: 'footDown', label: 'Foot down' },
  { name: 'bobbinUp', label: 'Bobbin thread up' },
];

const arrows: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The simulated machine with its cloth: hands on the hoop, foot on the pedal. */
export function Trainer({ exercise, wide, high, is, setIs, speed, setSpeed, scored }: Props) {
  const keep = useKeepTry();
  const isFed = exercise.of === 'edge' || exercise.of === 'corner';
  const [sound, setSound] = useState(false);
  const [latched, setLatched] = useState(false);
  const [wrong, setWrong] = useState('');
  const [held, setHeld] = useState<string[]>([]);
  const start = useMemo(() => startOf(exercise.lines), [exercise]);
  const cloth = useMemo(
    () => ({
      wide,
      high,
      lines: exercise.lines.map((l) => new Path2D(l)),
      edge: exercise.of === 'edge' ? start.y - footSide : 0,
    }),
    [exercise, start, wide, high],
  );
  // With feed dogs that carry the cloth there is nothing to lower.
  const set = isFed || exercise.of === 'timing' ? { ...is, feedDogsDown: true } : is;
  const machine = useMachine({ exercise, cloth, start, ready: set, speed, sound });
  const { told } = machine;
  /** Where the hoop is held. */
  const grasp = useRef({ x: 0, y: 0 });
  const trouble = told.trouble && troubles[told.trouble];

  const toCloth = () => machine.canvas.current?.focus();
  useKeys([
    { keys: [' '], shown: 'space', says: 'the pedal, held while the fabric has the focus', run: toCloth },
    { keys: Object.keys(arrows), shown: '← → ↑ ↓', says: 'move the fabric', run: toCloth },
  ]);

  const done = async () => {
    machine.pedal(0);
    setLatched(false);
    setWrong('');
    try {
      const sent = machine
        .stitches()
        .map(({ x, y, at }): Sent => [round(x, 100), round(y, 100), round(at, 1000)]);
      scored((await keep(exercise.name, sent)).score);
      machine.clear();
    } catch (refused) {
      setWrong(saysOf(refused));
    }
  };
  const press = (e: KeyboardEvent, isDown: boolean) => {
    if (e.key === ' ') {
      e.preventDefault();
      machine.pedal(isDown || latched ? 1 : 0);
    }
    if (!arrows[e.key]) return;
    e.preventDefault();
    if (exercise.of === 'timing') {
      if (isDown && e.key === 'ArrowRight' && !e.repeat) machine.press();
      return;
    }
    const keys = isDown ? [...new Set([...held, e.key])] : held.filter((k) => k !== e.key);
    setHeld(keys);
    const [x, y] = keys.reduce(([a, b], k) => [a + arrows[k]![0], b + arrows[k]![1]], [0, 0]);
    machine.key(x, y);
  };
  const moved = (e: PointerEvent<HTMLCanvasElement>) => {
    if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const shown = e.currentTarget.getBoundingClientRect().width / size.width;
    const { x, y } = grasp.current;
    machine.move((e.clientX - x) / (scale * shown), (e.clientY - y) / (scale * shown));
    grasp.current = { x: e.clientX, y: e.clientY };
    // A pen says how hard it is pressed; of a mouse the second button is the pedal.
    if (e.pointerType === 'pen') machine.pedal(Math.min(1, e.pressure * 1.6));
    else if (e.pointerType === 'mouse') machine.pedal(latched || (e.buttons & 2) > 0 ? 1 : 0);
  };
  return (
    <section className="sheet grid gap-3" aria-label="Simulated machine">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        {ready
          .filter((r) => !(r.name === 'feedDogsDown' && (isFed || exercise.of === 'timing')))
          .map(({ name, label }) => (
            <label key={name} className="flex min-h-11 items-center gap-2 font-semibold">
              <input
                type="checkbox"
                className="size-6"
                checked={is[name]}
                onChange={(e) => setIs({ ...is, [name]: e.target.checked })}
              />
              {label}
            </label>
          ))}
      </div>
      <div className="relative">
        {/* It is sewn on like a real one: the pedal held, the cloth moved. */}
        <canvas
          ref={machine.canvas}
          width={size.width}
          height={size.height}
          className="block w-full touch-none rounded-[10px]"
          // A canvas that is sewn on has no role of its own.
          // eslint-disable-next-line jsx-a11y/no-interactive-element-to-noninteractive-role
          role="application"
          aria-label={`Fabric under the needle: hold the space bar to sew${exercise.of === 'timing' ? ', press → once a stitch' : ', arrow keys move it'}`}
          tabIndex={0}
          onKeyDown={(e) => press(e, true)}
          onKeyUp={(e) => press(e, false)}
          onBlur={() => {
            machine.key(0, 0);
            machine.pedal(latched ? 1 : 0);
          }}
          onContextMenu={(e) => e.preventDefault()}
          onPointerDown={(e) => {
            e.currentTarget.focus();
            e.currentTarget.setPointerCapture(e.pointerId);
            grasp.current = { x: e.clientX, y: e.clientY };
            if (e.pointerType === 'mouse' && e.button === 2) machine.pedal(1);
          }}
          onPointerMove={moved}
          onPointerUp={(e) => {
            if (e.pointerType !== 'touch') machine.pedal(latched ? 1 : 0);
          }}
        />
        {trouble && (
          <div className="care absolute inset-x-3 bottom-3" role="alert">
            <b className="block">{trouble.title}</b> {trouble.because}{' '}
            <button
              type="button"
              className="btn mt-2"
              onClick={() => {
                if (told.trouble === 'loops') setIs({ ...is, footDown: true });
                if (told.trouble === 'nest') setIs({ ...is, bobbinUp: true });
                machine.mend();
              }}
            >
              {trouble.mends}
            </button>
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <button
          type="button"
          className="btn min-h-14 px-6 select-none"
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            machine.pedal(1);
          }}
          onPointerUp={() => machine.pedal(latched ? 1 : 0)}
          onPointerCancel={() => machine.pedal(latched ? 1 : 0)}
          onKeyDown={(e) => e.key === ' ' && (e.preventDefault(), machine.pedal(1))}
          onKeyUp={(e) => e.key === ' ' && machine.pedal(latched ? 1 : 0)}
        >
          Hold to sew
        </button>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={latched}
            onChange={(e) => {
              setLatched(e.target.checked);
              machine.pedal(e.target.checked ? 1 : 0);
            }}
          />
          keep pedal down
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={sound}
            onChange={(e) => setSound(e.target.checked)}
          />
          needle sound
        </label>
        <label className="field min-w-44 flex-1 max-sm:basis-full">
          <span className="label">
            Speed: <b className="text-ink">{speed}</b> stitches/min
          </span>
          <input
            type="range"
            className="h-11 w-full"
            min={50}
            max={1000}
            step={10}
            value={speed}
            onChange={(e) => setSpeed(Number(e.target.value))}
          />
        </label>
      </div>
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="btn" onClick={() => void done()} disabled={told.stitches === 0}>
          Finish and score
        </button>
        <button type="button" className="btn quiet" onClick={machine.clear} disabled={told.stitches === 0}>
          New fabric
        </button>
        <p className="text-soft" data-stitches={told.stitches}>
          <b className="fig text-xl text-ink">{told.stitches}</b>{' '}
          {told.stitches === 1 ? 'stitch' : 'stitches'}, {Math.round(told.speed)} stitches/min
        </p>
      </div>
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}

const round = (figure: number, parts: number) => Math.round(figure * parts) / parts;
