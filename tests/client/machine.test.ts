import { expect, test } from 'vitest';
import {
  advance,
  leftUp,
  mended,
  threaded,
  type Doing,
  type Machine,
  type Place,
} from '../../src/client/views/Practice/machine';
import { flat, lengthsOf, pulled, reach, spread } from '../../src/client/views/Practice/gather';

const ready = { feedDogsDown: true, footDown: true, bobbinUp: true };

/** Sews for a while, moved at a speed, in moments of a length. */
function sewn(
  options: {
    seconds: number;
    pedal: number;
    hand: (t: number) => Place;
    frame?: (i: number) => number;
  } & Partial<Doing>,
  machine: Machine = threaded({ x: 0, y: 0 }),
): Machine {
  const { seconds, pedal, hand, frame = () => 1 / 60, ...doing } = options;
  let t = 0;
  for (let i = 0; t < seconds && !machine.trouble; i++) {
    const dt = Math.min(frame(i), seconds - t);
    const [from, to] = [hand(t), hand((t += dt))];
    machine = advance(machine, dt, { pedal, by: { x: to.x - from.x, y: to.y - from.y }, ready, ...doing });
    if (dt < 1e-9) break;
  }
  return machine;
}

const lengths = ({ stitches }: Machine, from = 0) =>
  stitches
    .slice(from + 1)
    .map((s, i) => Math.hypot(s.x - stitches[from + i]!.x, s.y - stitches[from + i]!.y));
const mean = (all: number[]) => all.reduce((a, b) => a + b, 0) / all.length;

test.each([
  [20, 500],
  [25, 1000],
  [8, 200],
  [30, 650],
])(
  'a hoop moved at %d mm/s with the machine at %d gives stitches of 60·v/n, whatever the frame rate',
  (v, n) => {
    for (const frame of [
      () => 1 / 144,
      () => 1 / 60,
      () => 1 / 30,
      () => 1 / 11,
      (i: number) => 0.004 + (i % 7) / 90,
    ]) {
      const machine = sewn({ seconds: 8, pedal: n, hand: (t) => ({ x: v * t, y: 0 }), frame });
      // After the motor has come up to speed.
      const run = lengths(machine, Math.ceil(n / 60));
      expect(run.length).toBeGreaterThan(20);
      expect(mean(run) / ((60 * v) / n)).toBeGreaterThan(0.98);
      expect(mean(run) / ((60 * v) / n)).toBeLessThan(1.02);
      for (const stitch of run) expect(Math.abs(stitch / ((60 * v) / n) - 1)).toBeLessThan(0.02);
    }
  },
);

test('however time is cut into moments, the same motion gives the same stitches', () => {
  const hand = (t: number) => ({ x: 18 * t, y: 6 * Math.sin(2 * t) });
  const fine = sewn({ seconds: 4, pedal: 600, hand, frame: () => 1 / 240 });
  const coarse = sewn({ seconds: 4, pedal: 600, hand, frame: () => 1 / 60 });
  expect(Math.abs(fine.stitches.length - coarse.stitches.length)).toBeLessThanOrEqual(1);
  for (const [i, s] of coarse.stitches.entries())
    expect(Math.hypot(s.x - fine.stitches[i]!.x, s.y - fine.stitches[i]!.y)).toBeLessThan(0.15);
});

test('the motor comes up to speed and stands still soon after the pedal is let go', () => {
  const up = sewn({ seconds: 0.1, pedal: 800, hand: () => ({ x: 0, y: 0 }) });
  expect(up.speed).toBeGreaterThan(200);
  expect(up.speed).toBeLessThan(600);
  const on = sewn({ seconds: 0.5, pedal: 800, hand: (t) => ({ x: 20 * t, y: 0 }) }, up);
  expect(on.speed).toBeGreaterThan(760);
  const off = sewn({ seconds: 0.6, pedal: 0, hand: () => on.under }, on);
  expect(off.speed).toBe(0);
  expect(off.stitches.length - on.stitches.length).toBeLessThanOrEqual(2);
});

test('nothing falls while the pedal is up, and the clock begins with its first press', () => {
  const idle = sewn({ seconds: 3, pedal: 0, hand: (t) => ({ x: 40 * t, y: 0 }) });
  expect([idle.stitches.length, idle.time, idle.trouble]).toEqual([0, 0, null]);
  expect(idle.under.x).toBeCloseTo(120);
});

test('stitches that pile up on one spot break the thread, and it sews on when it is threaded again', () => {
  const broken = sewn({ seconds: 9, pedal: 600, hand: () => ({ x: 5, y: 5 }) });
  expect(broken.trouble).toBe('thread');
  expect(broken.stitches).toHaveLength(12);
  expect(advance(broken, 1, { pedal: 600, by: { x: 50, y: 5 }, ready })).toBe(broken);
  const again = sewn({ seconds: 2, pedal: 600, hand: (t) => ({ x: 5 + 20 * t, y: 5 }) }, mended(broken));
  expect(again.trouble).toBeNull();
  expect(again.stitches.length).toBeGreaterThan(25);
});

test('a pull while the needle is down bends it; the same pull while it is up does not', () => {
  const quick = sewn({ seconds: 3, pedal: 120, hand: (t) => ({ x: 60 * t, y: 0 }) });
  expect(quick.trouble).toBe('needle');
  // Half way up it is out of the cloth: a jump of a hand's breadth is none of its business.
  const out: Machine = { ...threaded({ x: 0, y: 0 }), speed: 60, phase: 0.8, time: 1 };
  expect(advance(out, 0.1, { pedal: 60, by: { x: 40, y: 0 }, ready }).trouble).toBeNull();
});

test('a foot that is left up loops, and a bobbin thread that was not brought up makes one nest', () => {
  const hand = (t: number) => ({ x: 20 * t, y: 0 });
  const loose = sewn({ seconds: 5, pedal: 500, hand, ready: { ...ready, footDown: false } });
  expect([loose.trouble, loose.stitches.length]).toEqual(['loops', 9]);
  const nest = sewn({ seconds: 5, pedal: 500, hand, ready: { ...ready, bobbinUp: false } });
  expect([nest.trouble, nest.stitches.length]).toEqual(['nest', 9]);
  const on = sewn(
    {
      seconds: 3,
      pedal: 500,
      hand: (t) => ({ x: nest.under.x + 20 * t, y: 0 }),
      ready: { ...ready, bobbinUp: false },
    },
    mended(nest),
  );
  expect(on.trouble).toBeNull();
});

test('feed dogs that are left up hold the fabric and carry it off', () => {
  const hand = (t: number) => ({ x: 20 * t, y: 0 });
  const held = sewn({ seconds: 3, pedal: 500, hand, ready: { ...ready, feedDogsDown: false } });
  const free = sewn({ seconds: 3, pedal: 500, hand });
  const carried = held.stitches.slice(6).map((s, i) => s.y - held.stitches[i + 5]!.y);
  expect(mean(carried)).toBeCloseTo(leftUp.y, 0);
  // Hands move it by a third of what they want.
  expect(held.under.x).toBeCloseTo(21, 0);
  expect(Math.abs(free.stitches.at(-1)!.y)).toBeLessThan(1e-9);
});

test('feed dogs that are meant carry it on by one stitch each time', () => {
  const fed = sewn({ seconds: 4, pedal: 300, hand: () => ({ x: 0, y: 0 }), feed: { x: 2.5, y: 0 } });
  const run = lengths(fed, 3);
  expect(run.length).toBeGreaterThan(12);
  for (const stitch of run) expect(stitch).toBeCloseTo(2.5, 1);
  expect(fed.trouble).toBeNull();
});

test('a pull gathers next to the hand, spreading evens it out, and neither loses fabric', () => {
  let full = flat;
  for (let i = 0; i < 6; i++) full = pulled(full);
  expect(full.at(-1)!).toBeGreaterThan(full[0]! + 0.5);
  expect(reach(full)).toBeLessThan(reach(flat));

  const before = reach(full);
  const uneven = (f: number[]) => Math.max(...f) - Math.min(...f);
  let spreading = full;
  for (let round = 0; round < 12; round++)
    for (let part = 11; part >= 0; part--) spreading = spread(spreading, part);
  expect(reach(spreading)).toBeCloseTo(before, 6);
  expect(uneven(spreading)).toBeLessThan(uneven(full) / 3);
  expect(lengthsOf(spreading).every((l) => l > 0)).toBe(true);
});

test('it is drawn up to where it is needed in some pulls, and no part is fuller than fabric can be', () => {
  let [full, pulls] = [flat, 0];
  while (reach(full) > 90 && pulls < 200) {
    full = pulled(full);
    if (pulls++ % 2) for (let part = 11; part >= 0; part--) full = spread(full, part);
  }
  expect(pulls).toBeLessThan(60);
  expect(Math.max(...full)).toBeLessThanOrEqual(4);
});
