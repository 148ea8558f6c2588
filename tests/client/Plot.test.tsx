import { fireEvent, render, screen, within } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { Plot } from '../../src/client/parts/swatch/Plot';
import type { Learnt, PlotPoint } from '../../src/client/parts/swatch/usePlot';

const point = (id: string, x: number, value: number, more: Partial<PlotPoint> = {}): PlotPoint => ({
  id,
  x,
  value,
  expected: 1.8,
  deviations: (value - 1.8) / 0.1,
  isOdd: false,
  isSame: true,
  counts: true,
  simulated: false,
  cloth: 'lawn',
  colour: null,
  foot: '',
  settings: `stitch ${x} mm`,
  ...more,
});

/** Three swatches on two cloths, the last of them odd; planned at a stitch of 4 mm. */
const learnt = (more: Partial<Learnt> = {}): Learnt => ({
  quantity: {
    title: 'Fullness',
    unit: '× fullness',
    places: 2,
    least: 1,
    most: 3,
    step: 0.5,
    more: 'fuller',
    less: 'flatter',
    wanted: null,
  },
  axes: [
    { name: 'stitchLength', label: 'stitch', unit: 'mm', from: 2, to: 5, step: 0.5 },
    { name: 'tensionSteps', label: 'tension', unit: '', from: 0, to: 4, step: 1 },
  ],
  axis: { name: 'stitchLength', label: 'stitch', unit: 'mm', from: 2, to: 5, step: 0.5 },
  points: [
    point('odd', 4.5, 2.6, { isOdd: true, cloth: 'ticking' }),
    point('low', 3, 1.7),
    point('not used', 4, 1.9, { counts: false, simulated: true, isSame: false }),
  ],
  band: [
    { x: 2, low: 1.2, mid: 1.5, high: 1.9 },
    { x: 5, low: 1.6, mid: 2, high: 2.4 },
  ],
  planned: { x: 4, range: { low: 1.5, mid: 1.8, high: 2.1 }, says: 'stitch 4 mm' },
  restsOn: 'On 2 swatches.',
  next: null,
  narrowed: [],
  ...more,
});

// As wide as on a screen: nothing is laid out here.
beforeEach(() => {
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(600);
});

const dots = () => [...document.querySelectorAll<SVGGElement>('[data-swatch]')];
const place = (id: string) =>
  /translate\(([\d.]+) ([\d.]+)\)/
    .exec(
      dots()
        .find((d) => d.dataset.swatch === id)!
        .getAttribute('transform')!,
    )!
    .slice(1)
    .map(Number) as [number, number];

test('each swatch stands where its setting and its figure say, within the frame', () => {
  render(<Plot learnt={learnt()} setX={vi.fn()} />);

  const [low, left, odd] = ['low', 'not used', 'odd'].map(place) as [number, number][];
  expect(low[0]).toBeLessThan(left[0]);
  expect(left[0]).toBeLessThan(odd[0]);
  // Further up is more.
  expect(odd[1]).toBeLessThan(left[1]);
  expect(left[1]).toBeLessThan(low[1]);
  // A stitch of 4.5 mm lies as far from 4 as 3 from 3.5: one third of what lies between 3 and 4.5.
  expect((odd[0] - left[0]) / (odd[0] - low[0])).toBeCloseTo(1 / 3, 6);
  for (const [x, y] of [low, left, odd]) {
    expect(x).toBeGreaterThan(44);
    expect(x).toBeLessThan(584);
    expect(y).toBeGreaterThan(0);
    expect(y).toBeLessThan(300);
  }
});

test('what the marks mean is said below, and only of marks that are there', () => {
  const { rerender } = render(<Plot learnt={learnt()} setX={vi.fn()} />);
  const legend = screen
    .getAllByRole('list')
    .map((l) => l.textContent)
    .join(' ');
  for (const says of [
    'lawn',
    'ticking',
    'circled: unusual',
    'hollow: not used',
    'barred: simulated',
    'counted half',
  ])
    expect(legend).toContain(says);
  expect(legend).toContain('▾ as planned: stitch 4 mm');

  rerender(<Plot learnt={learnt({ points: [point('low', 3, 1.7)] })} setX={vi.fn()} />);
  const less = screen
    .getAllByRole('list')
    .map((l) => l.textContent)
    .join(' ');
  for (const says of ['odd', 'not used', 'simulated', 'counted half']) expect(less).not.toContain(says);
});

test('arrow keys read the swatches from left to right, in a sentence that is also heard', () => {
  const open = vi.fn();
  render(<Plot learnt={learnt()} setX={vi.fn()} open={open} />);
  const slider = screen.getByRole('slider');
  expect(slider.getAttribute('aria-valuetext')).toContain('none yet');

  fireEvent.change(slider, { target: { value: '1' } });
  expect(slider.getAttribute('aria-valuetext')).toBe(
    '1.90 × fullness at stitch 4 mm, lawn; the others say 1.80, 1.0 standard deviations more; not used; simulated.',
  );
  fireEvent.change(slider, { target: { value: '2' } });
  expect(slider.getAttribute('aria-valuetext')).toContain('8.0 standard deviations more: unusual.');

  fireEvent.click(screen.getByRole('button', { name: 'Open it' }));
  expect(open).toHaveBeenCalledExactlyOnceWith('odd');
});

test('the odd ones are shown by how far they lie off, with nothing of the band', () => {
  render(<Plot learnt={learnt()} setX={vi.fn()} />);
  const before = place('low')[1] - place('odd')[1];

  fireEvent.click(screen.getByRole('radio', { name: 'unusual swatches' }));

  expect(screen.getByRole('heading').textContent).toContain('How far each differs');
  expect(place('low')[1] - place('odd')[1]).not.toBeCloseTo(before, 1);
  // Nothing lies off at 0: the middle between what is 1 too little and 1 too much.
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('Deviations of 3 swatches');
  expect(screen.queryByText(/9 times out of 10/)).toBeNull();
});

test('another setting is chosen at once and asked for', () => {
  const setX = vi.fn();
  render(<Plot learnt={learnt()} setX={setX} />);

  fireEvent.click(screen.getByRole('radio', { name: 'tension' }));

  expect(setX).toHaveBeenCalledExactlyOnceWith('tensionSteps');
  expect(screen.getByRole<HTMLInputElement>('radio', { name: 'tension' }).checked).toBe(true);
});

test('the table says the same as the picture, in its order', () => {
  render(<Plot learnt={learnt()} setX={vi.fn()} />);
  const rows = within(screen.getByRole('table')).getAllByRole('row').slice(1);

  expect(rows.map((r) => [...r.children].map((c) => c.textContent))).toEqual([
    ['stitch 3 mm', 'lawn', '1.70', '1.80', '-1.0'],
    ['stitch 4 mm', 'lawn', '1.90', '1.80', '1.0'],
    ['stitch 4.5 mm', 'ticking', '2.60', '1.80', '8.0 odd'],
  ]);
});

test('where nothing is predicted there is neither band nor deviation, only what was measured', () => {
  const points = [point('one', 3, 1.7, { expected: null, deviations: null })];
  render(<Plot learnt={learnt({ points, band: [], planned: null })} setX={vi.fn()} />);

  expect(screen.queryByRole('radio', { name: 'unusual swatches' })).toBeNull();
  expect(screen.queryByText('expected from the others')).toBeNull();
  expect(dots()).toHaveLength(1);
});

test('without any swatch it says what will stand there', () => {
  render(<Plot learnt={learnt({ points: [], band: [], planned: null })} setX={vi.fn()} />);
  expect(screen.getByText(/stands here as a point/)).toBeTruthy();
  expect(screen.queryByRole('slider')).toBeNull();
});

test('marks stand for fabrics, or for feet where there are several', () => {
  const points = [
    point('a', 3, 1.7, { cloth: 'lawn', foot: 'gathering foot' }),
    point('b', 4, 1.9, { cloth: 'lawn', foot: 'ruffler' }),
  ];
  render(<Plot learnt={learnt({ points })} setX={() => {}} />);
  const marks = () => dots().map((d) => d.querySelector('path')!.getAttribute('d'));
  expect(new Set(marks()).size).toBe(1);
  fireEvent.click(screen.getByRole('radio', { name: 'foot' }));
  expect(new Set(marks()).size).toBe(2);
  expect(within(screen.getAllByRole('list')[0]!).getByText('ruffler')).toBeTruthy();
});
