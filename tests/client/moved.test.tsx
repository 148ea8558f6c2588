import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Dot, Drawing, Near } from '../../src/client/api/types';
import { NearView } from '../../src/client/drawing/NearView';
import { PullDot } from '../../src/client/drawing/PullDot';
import { ticksOf } from '../../src/client/drawing/ruler';
import type { Edit } from '../../src/client/drawing/ShapeView';
import { said, scaleOf } from '../../src/client/parts/swatch/scale';

const dot = (more: Partial<Dot> = {}): Dot =>
  ({
    field: 'turn',
    at: [60, 10],
    origin: [10, 10],
    heading: 0,
    value: 30,
    least: -170,
    most: 170,
    pull: 'round',
    text: '30°',
    ...more,
  }) as Dot;

function pull(it: Dot, wrong?: string) {
  const edit = {
    pull: vi.fn(),
    hold: vi.fn(),
    open: vi.fn(),
    label: (field: string) => `the ${field}`,
    error: () => wrong,
  };
  Element.prototype.setPointerCapture ??= () => {};
  render(
    <svg>
      <PullDot dot={it} scale={2} edit={edit as unknown as Edit} />
    </svg>,
  );
  const slider = screen.getByRole('slider', { name: `the ${it.field}` });
  const at = (type: 'pointerDown' | 'pointerMove' | 'pointerUp', clientX: number, clientY: number) =>
    fireEvent[type](slider, { pointerId: 1, clientX, clientY });
  return { ...edit, slider, at };
}

test('an angle follows the pointer round its middle, in whole degrees', () => {
  const { at, pull: put, hold } = pull(dot());
  // Its arm is 100 px long; the pointer goes down a quarter turn beside it.
  at('pointerDown', 300, 300);
  at('pointerMove', 200, 400);
  expect(put).toHaveBeenLastCalledWith('turn', 120, true);
  at('pointerMove', 300, 300);
  expect(put).toHaveBeenLastCalledWith('turn', 30, true);
  at('pointerUp', 300, 300);
  expect(hold.mock.calls).toEqual([[true], [false]]);
});

test('a length goes with the pointer along its way only, in half millimetres, and no further than it may', () => {
  const { at, pull: put } = pull(dot({ field: 'lead', pull: 'along', value: 20, least: 5, most: 40 }));
  at('pointerDown', 0, 0);
  at('pointerMove', 10.6, 500);
  expect(put).toHaveBeenLastCalledWith('lead', 25.5, false);
  at('pointerMove', 900, 0);
  expect(put).toHaveBeenLastCalledWith('lead', 40, false);
});

test('a press that does not move opens it to be typed; a hand that trembles does not pull', () => {
  const { at, pull: put, open } = pull(dot());
  at('pointerDown', 0, 0);
  at('pointerMove', 2, 2);
  at('pointerUp', 2, 2);
  expect(put).not.toHaveBeenCalled();
  expect(open).toHaveBeenCalledWith('turn', { x: 40, y: -14, width: 160 });
});

test('keys turn it, ten times with Shift; a digit opens it; what is wrong shows', () => {
  const { slider, pull: put, open } = pull(dot(), 'Too far.');
  fireEvent.keyDown(slider, { key: 'ArrowRight' });
  fireEvent.keyDown(slider, { key: 'ArrowDown', shiftKey: true });
  expect(put.mock.calls).toEqual([
    ['turn', 35, true],
    ['turn', -20, true],
  ]);
  fireEvent.keyDown(slider, { key: '4', ctrlKey: true });
  expect(open).not.toHaveBeenCalled();
  fireEvent.keyDown(slider, { key: '4' });
  expect(open).toHaveBeenCalledOnce();
  expect(slider.getAttribute('class')).toContain('is-wrong');
  expect(slider.getAttribute('aria-valuetext')).toBe('30°');
});

const drawing = {
  name: 'line',
  width: 200,
  height: 100,
  shapes: [],
  nears: [],
} as unknown as Drawing;
const near = (at: [number, number], turned = 0): Near =>
  ({ at, across: 50, turned, label: `place ${at[0]}` }) as unknown as Near;

test('a place from near lies in the middle, turned as it is sewn; arrow keys and the pointer move it', () => {
  const view = (n: Near) => (
    <NearView drawing={drawing} near={n} cloth={undefined} width={400} height={200} />
  );
  const first = near([30, 20], 90);
  const { rerender, container } = render(view(first));
  const ground = () => container.querySelector<SVGGElement>('.near-ground')!.style.transform;
  // 200 px show 50 mm.
  expect(ground()).toBe('translate(200px, 100px) rotate(90deg) translate(-120px, -80px)');

  const map = screen.getByRole('application', { name: 'place 30 (arrow keys move the view)' });
  fireEvent.keyDown(map, { key: 'ArrowRight' });
  fireEvent.pointerDown(map, { pointerId: 1, clientX: 10, clientY: 10 });
  fireEvent.pointerMove(map, { pointerId: 1, clientX: 15, clientY: 40 });
  fireEvent.pointerUp(map, { pointerId: 1 });
  fireEvent.pointerMove(map, { pointerId: 1, clientX: 90, clientY: 90 });
  expect(ground()).toMatch(/^translate\(181px, 130px\)/);

  // Another place begins in the middle again.
  rerender(view(near([60, 20])));
  expect(ground()).toMatch(/^translate\(200px, 100px\) rotate\(0deg\)/);
});

test('a ruler has ticks that can be read, with figures of its units, and none beyond its end', () => {
  for (const units of ['metric', 'imperial'] as const)
    for (const [length, pixels] of [
      [40, 12],
      [300, 2],
      [2600, 0.3],
      [40_000, 0.02],
      [9_000_000, 0.0001],
    ] as const) {
      const { ticks } = ticksOf(length, pixels, units);
      const figures = ticks.filter((t) => t.label !== null);
      expect(ticks[0]).toEqual({ at: 0, label: '0' });
      expect(ticks.at(-1)!.at).toBeLessThanOrEqual(length * pixels + 1e-6);
      if (length < 1_000_000)
        for (const [i, tick] of figures.slice(1).entries())
          expect(tick.at - figures[i]!.at).toBeGreaterThanOrEqual(30 - 1e-9);
    }
  expect(ticksOf(60, 12, 'metric').unit).toBe('mm');
  expect(
    ticksOf(600, 1, 'metric')
      .ticks.filter((t) => t.label)
      .map((t) => t.label),
  ).toEqual(expect.arrayContaining(['0', '5', '10', '60']));
  expect(
    ticksOf(60, 4, 'imperial')
      .ticks.filter((t) => t.label)
      .map((t) => t.label),
  ).toEqual(['0', '½', '1', '1½', '2']);
});

test('a scale reaches as far as the figures do, in whole steps, and a third beyond its usual at most', () => {
  const usual = { title: '', unit: '', places: 2, least: 1, most: 4, step: 0.5 };
  const domain = (...figures: number[]) => scaleOf(usual, figures).domain();
  expect(domain(2, 3)).toEqual([1, 4]);
  expect(domain(0.8, 4.2)).toEqual([0.5, 4.5]);
  expect(domain(-90, 90)).toEqual([0, 5]);
  expect(said(2.345, usual)).toBe('2.35');
});
