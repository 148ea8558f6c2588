import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Drawing, Shape } from '../../src/client/api/types';
import { DrawingView } from '../../src/client/drawing/DrawingView';
import { StepPicture } from '../../src/client/drawing/StepPicture';
import { Portrait } from '../../src/client/drawing/Portrait';
import { readable } from '../../src/client/drawing/readable';

const shape = (more: object) => ({ part: '', label: '', ...more }) as unknown as Shape;

const drawing: Drawing = {
  name: 'piece',
  title: 'The piece',
  says: 'A piece of 200 by 100.',
  width: 200,
  height: 100,
  grainUpright: true,
  isCloseUp: false,
  isForCutting: true,
  shapes: [
    shape({ kind: 'cloth', from: [0, 0], to: [200, 100], role: 'main', part: 'cloth', tornRight: false }),
    shape({
      kind: 'path',
      path: 'M0 50L200 50',
      meaning: 'stitch',
      stitches: { length: 4, width: 0 },
      width: 0,
      part: 'row',
    }),
    shape({ kind: 'path', path: 'M20 20L60 20L60 60Z', fill: 'hole', width: 0, part: 'tear' }),
    shape({
      kind: 'dimension',
      from: [0, 100],
      to: [200, 100],
      side: 'below',
      text: '20 cm',
      note: '',
      field: 'edge',
    }),
    shape({
      kind: 'dimension',
      from: [0, 0],
      to: [200, 0],
      side: 'above',
      text: '40 cm',
      note: 'flat',
      field: '',
    }),
  ],
};

const shown = { drawing, cloth: {}, units: 'metric' as const, width: 640 };

function openAsked(error?: string) {
  const set = vi.fn();
  const ask = {
    typed: () => '20 cm',
    label: (field: string) => `the ${field}`,
    error: () => error,
    field: (field: string, done: () => void) => (
      <input
        aria-label={`the ${field}`}
        defaultValue="20 cm"
        onChange={(e) => set(field, e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && done()}
      />
    ),
  };
  render(<DrawingView {...shown} ask={ask} />);
  return set;
}

test('a drawing says what it shows, and its scale', () => {
  render(<DrawingView {...shown} />);
  expect(screen.getByRole('img', { name: 'A piece of 200 by 100.' })).toBeTruthy();
  expect(screen.getByText(/^Scale 1 : |^drawn .* : 1/)).toBeTruthy();
});

test('a measurement that names its field is typed into where it stands; one that does not is only read', () => {
  const set = openAsked();
  expect(screen.getAllByRole('button')).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: 'the edge: 20 cm. Press to change.' }));
  const field = screen.getByLabelText<HTMLInputElement>('the edge');
  expect(field.value).toBe('20 cm');
  fireEvent.change(field, { target: { value: '26 cm' } });
  expect(set).toHaveBeenCalledExactlyOnceWith('edge', '26 cm');
  fireEvent.keyDown(field, { key: 'Enter' });
  expect(screen.queryByLabelText('the edge')).toBeNull();
});

test.each(['Enter', ' '])('by key too: %s opens it, Escape closes it', (key) => {
  openAsked();
  fireEvent.keyDown(screen.getByRole('button'), { key });
  fireEvent.keyDown(screen.getByLabelText('the edge'), { key: 'Escape' });
  expect(screen.queryByLabelText('the edge')).toBeNull();
});

test('a digit opens it too, and what is wrong is said under the drawing once it is closed', () => {
  openAsked('At character 3: no unit.');
  expect(screen.getByText('the edge: At character 3: no unit.')).toBeTruthy();
  fireEvent.keyDown(screen.getByRole('button'), { key: '7' });
  expect(screen.queryByText(/^the edge: /)).toBeNull();
  fireEvent.keyDown(screen.getByLabelText('the edge'), { key: 'Escape' });
  expect(screen.getByText(/^the edge: /)).toBeTruthy();
});

test('while it is typed into, a drawing that grows keeps its scale; then it settles', () => {
  const scale = () => screen.getByText(/^Scale /).textContent;
  const ask = {
    typed: () => '20 cm',
    label: (field: string) => `the ${field}`,
    error: () => undefined,
    field: (field: string) => <input aria-label={`the ${field}`} />,
  };
  const { rerender } = render(<DrawingView {...shown} ask={ask} />);
  const before = scale();
  fireEvent.click(screen.getByRole('button'));
  const larger = { ...drawing, width: drawing.width * 4, height: drawing.height * 4 };
  rerender(<DrawingView {...shown} drawing={larger} ask={ask} />);
  expect(scale()).toBe(before);
  fireEvent.keyDown(screen.getByLabelText('the edge'), { key: 'Escape' });
  expect(scale()).not.toBe(before);
});

test('a moment lights up what matters, pales the rest, and leaves out what is not there yet', () => {
  const { container } = render(<DrawingView {...shown} moment={{ lit: ['row'], notYet: ['tear'] }} />);
  const paths = (of: string) => container.querySelectorAll(`g.${of} path`).length;
  expect(paths('lit')).toBe(1);
  expect(paths('unlit')).toBeGreaterThan(1);
  expect(container.innerHTML).not.toContain('M20 20L60 20');
});

test('stitches are drawn one by one where they can be told apart, and as a line where they cannot', () => {
  const dash = (width: number) => {
    const { container, unmount } = render(<DrawingView {...shown} width={width} />);
    const row = container.querySelector('path[d="M0 50L200 50"]')!.getAttribute('stroke-dasharray')!;
    unmount();
    return row;
  };
  expect(dash(640).split(' ').map(Number)[0]).toBeCloseTo(4 * 0.86, 6);
  expect(dash(100)).not.toBe(dash(640));
});

test('the picture of a step is the drawing that it names; without one there is none', () => {
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(500);
  const step = { picture: { drawing: 'piece', lit: ['row'] } } as never;
  const { container, rerender } = render(
    <StepPicture step={step} drawings={[drawing]} cloth={{}} units="metric" />,
  );
  expect(container.querySelector('[data-picture="piece"] svg')).toBeTruthy();
  rerender(<StepPicture step={step} drawings={[]} cloth={{}} units="metric" />);
  expect(container.querySelector('svg')).toBeNull();
});

test('a portrait is the drawing without figures, in the fabric that it is of', () => {
  const { container } = render(
    <Portrait drawing={{ ...drawing, shapes: drawing.shapes.slice(0, 3) }} cloth={{ colour: '#123456' }} />,
  );
  expect(container.querySelector('svg')!.getAttribute('viewBox')).toBe('0 0 200 100');
  expect(container.innerHTML).toContain('#123456');
  expect(container.querySelector('text')).toBeNull();
});

test('no number stands on another, on the name of a line or on a dot that is pulled', () => {
  const number = (x: number, y: number, text: string) =>
    shape({ kind: 'words', at: [x, y], text, isNumber: true });
  const shapes = [
    number(0, 0, '1'),
    number(5, 0, '2'),
    number(40, 0, '3'),
    // Far from the one before it, and on the first.
    number(1, 1, '4'),
    shape({ kind: 'path', path: 'M38 -8L60 0', label: 'row', width: 0 }),
    shape({ kind: 'dot', at: [80, 0], field: 'x' }),
    number(82, 0, '5'),
  ];
  const said = (scale: number, isPulled: boolean) =>
    readable(shapes, scale, isPulled).flatMap((s) =>
      s.kind === 'words' ? [s.text] : s.kind === 'path' && s.label ? [s.label] : [],
    );
  expect(said(1, false)).toEqual(['1', '3', '5']);
  expect(said(1, true)).toEqual(['1', '3']);
  expect(said(20, true)).toEqual(['1', '2', '3', '4', 'row', '5']);
});
