import { useEffect, useRef, useState } from 'react';
import { advance, mended, threaded, type Doing, type Machine, type Place, type Ready } from './machine';
import { paint, scale, sew, type Cloth } from './paint';
import { needleSound } from './sound';
import type { Exercise } from './usePractice';

/** How far one press moves the cloth on in an exercise of timing, in mm. */
const press = 2.5;

/** How fast keys move the cloth, in mm a second. */
const byKeys = 22;

/** Cloth that is fed along an edge drifts to the side, in mm a second: hands keep it straight. */
const drifts = (t: number) => 3.2 * Math.sin(0.9 * t) + 2 * Math.sin(2.3 * t + 1);

/** A corner is tried again so many seconds after the machine stood still. */
const again = 1;

const nowhere: Place = { x: 0, y: 0 };

/** What is told of the machine while it runs, a few times a second. */
export type Told = { stitches: number; speed: number; trouble: Machine['trouble'] };

type Options = {
  exercise: Exercise;
  cloth: Cloth;
  start: Place;
  ready: Ready;
  /** Stitches a minute while the pedal is down. */
  speed: number;
  sound: boolean;
};

/** The machine on the screen: it runs with the frames, and is told what hands and foot do. */
export function useMachine(options: Options) {
  const { exercise, start } = options;
  const canvas = useRef<HTMLCanvasElement>(null);
  const now = useRef(options);
  const machine = useRef<Machine>(threaded(start));
  const hands = useRef({ by: nowhere, pedal: 0, keys: nowhere, stoodStill: 0 });
  const drawn = useRef(0);
  const [told, setTold] = useState<Told>({ stitches: 0, speed: 0, trouble: null });
  useEffect(() => {
    now.current = options;
  });

  const clear = () => {
    machine.current = threaded(start);
    hands.current.by = nowhere;
    drawn.current = -1;
    setTold({ stitches: 0, speed: 0, trouble: null });
  };

  useEffect(() => {
    const element = canvas.current;
    const to = element?.getContext('2d');
    if (!element || !to) return;
    const layer = document.createElement('canvas');
    layer.width = now.current.cloth.wide * scale;
    layer.height = now.current.cloth.high * scale;
    const sewn = layer.getContext('2d')!;
    const sound = needleSound();
    const quiet = matchMedia('(prefers-reduced-motion: reduce)').matches;
    let last = performance.now();
    let saidAt = 0;
    let frame = 0;

    const doing = (seconds: number): Doing => {
      const h = hands.current;
      const { ready, speed } = now.current;
      const by = { x: h.by.x + h.keys.x * byKeys * seconds, y: h.by.y + h.keys.y * byKeys * seconds };
      h.by = nowhere;
      const common = { pedal: h.pedal * speed, ready };
      const feed = { x: exercise.stitch, y: 0 };
      switch (exercise.of) {
        case 'edge': {
          const { speed: runs, time } = machine.current;
          return { ...common, by: { x: 0, y: by.y + (runs > 0 ? drifts(time) * seconds : 0) }, feed };
        }
        case 'corner':
          return { ...common, by: nowhere, feed };
        case 'timing': {
          // What a press asks for is done quickly, but not at once, as by a hand.
          const share = Math.min(1, seconds / 0.06);
          h.by = { x: by.x * (1 - share), y: 0 };
          return { ...common, by: { x: by.x * share, y: 0 }, feed: nowhere };
        }
        default:
          return { ...common, by };
      }
    };

    const run = (time: number) => {
      frame = requestAnimationFrame(run);
      // A frame that came late is made up for; one that never came, as in another tab, is not.
      const seconds = Math.min(0.5, (time - last) / 1000);
      last = time;
      const before = machine.current;
      const moved = advance(before, seconds, doing(seconds));
      machine.current = moved;
      if (exercise.of === 'corner') {
        hands.current.stoodStill = moved.speed > 0 ? 0 : hands.current.stoodStill + seconds;
        const isSewn = moved.under.x > start.x + 20;
        if (isSewn && hands.current.stoodStill > again) machine.current = { ...moved, under: start };
      }
      if (moved.stitches.length > before.stitches.length && now.current.sound) sound.knock();
      if (drawn.current < 0) {
        sewn.clearRect(0, 0, layer.width, layer.height);
        drawn.current = 0;
      }
      if (moved.stitches.length > drawn.current) {
        sew(sewn, moved.stitches, drawn.current);
        drawn.current = moved.stitches.length;
      }
      paint(to, now.current.cloth, layer, machine.current, quiet);
      if (time - saidAt > 200 || moved.trouble !== before.trouble) {
        saidAt = time;
        setTold((was) =>
          was.stitches === moved.stitches.length &&
          was.trouble === moved.trouble &&
          Math.round(was.speed) === Math.round(moved.speed)
            ? was
            : { stitches: moved.stitches.length, speed: moved.speed, trouble: moved.trouble },
        );
      }
    };
    frame = requestAnimationFrame(run);
    return () => {
      cancelAnimationFrame(frame);
      sound.close();
    };
  }, [exercise, start]);

  return {
    canvas,
    told,
    stitches: () => machine.current.stitches,
    /** Moves the cloth with the hands; in mm. */
    move: (x: number, y: number) => {
      const { by } = hands.current;
      hands.current.by = { x: by.x - x, y: by.y - y };
    },
    /** How far the pedal is down, 0 to 1. */
    pedal: (down: number) => {
      hands.current.pedal = down;
    },
    /** Keys that move the place under the needle; one press in an exercise of timing. */
    key: (x: number, y: number) => {
      hands.current.keys = { x, y };
    },
    press: () => {
      hands.current.by = { ...hands.current.by, x: hands.current.by.x + press };
    },
    mend: () => {
      machine.current = mended(machine.current);
      hands.current.by = nowhere;
      setTold((was) => ({ ...was, trouble: null }));
    },
    clear,
  };
}

/** Where the first line begins. */
export function startOf(lines: string[]): Place {
  const [, x, y] = /M\s*(-?[\d.]+)[\s,]+(-?[\d.]+)/.exec(lines[0] ?? '') ?? [];
  return { x: Number(x ?? 20), y: Number(y ?? 50) };
}
