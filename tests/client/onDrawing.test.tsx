import { fireEvent, render, renderHook, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Answer, Drawing, Field } from '../../src/client/api/types';
import type { Reckoning } from '../../src/client/app/useReckoning';
import { onDrawing, useStated } from '../../src/client/parts/ask/onDrawing';

const reckoning = (more: Partial<Reckoning<Answer>> = {}): Reckoning<Answer> => ({
  answer: null,
  isOld: false,
  errors: {},
  missing: [],
  understood: {},
  unreachable: null,
  ...more,
});

/** An answer whose first drawing states some fields. */
const drawn = (...fields: string[]) =>
  ({
    findings: [],
    drawings: [
      {
        shapes: fields.map((field) => ({ kind: 'dimension', field })),
      } as unknown as Drawing,
      { shapes: [{ kind: 'dimension', field: 'further down' }] } as unknown as Drawing,
    ],
  }) as unknown as Answer;

const fields = [
  { name: 'edge', label: 'Edge', kind: 'length' },
  { name: 'gap', label: 'Gap between the folds', kind: 'fine' },
] as Field[];

const stated = (first: Reckoning<Answer>, isNew = false) =>
  renderHook(({ now }) => useStated(now, isNew), { initialProps: { now: first } });

test('what the first drawing states needs no box; that is known with the first answer', () => {
  const { result, rerender } = stated(reckoning());
  expect(result.current).toBeNull();

  rerender({ now: reckoning({ answer: drawn('edge', '', 'gap') }) });
  expect([...result.current!]).toEqual(['edge', 'gap']);

  // No box comes or goes under the hand, whatever is typed afterwards.
  rerender({ now: reckoning({ answer: drawn('edge'), errors: { gap: 'No.' } }) });
  expect([...result.current!]).toEqual(['edge', 'gap']);
});

test('where a measurement is missing or wrong at first every field has its box, and keeps it', () => {
  for (const first of [{ missing: ['edge'] }, { errors: { edge: 'No.' } }, { unreachable: 'No answer.' }]) {
    const { result, rerender } = stated(reckoning(first));
    expect(result.current!.size).toBe(0);
    rerender({ now: reckoning({ answer: drawn('edge') }) });
    expect(result.current!.size).toBe(0);
  }
});

test('one that was begun just now shows its boxes at once, so that the first can be typed into', () => {
  const { result, rerender } = stated(reckoning(), true);
  expect(result.current!.size).toBe(0);
  rerender({ now: reckoning({ answer: drawn('edge') }) });
  expect(result.current!.size).toBe(0);
});

test('the field that opens on the drawing is the same as anywhere: what was typed, what is wrong, Enter', () => {
  const set = vi.fn();
  const done = vi.fn();
  const asked = {
    technique: { fields },
    ask: { edge: '2 m 6' },
    set,
    reckoning: reckoning({ errors: { edge: 'No unit.', gap: 'No.' } }),
    units: 'metric' as const,
  };
  const ask = onDrawing(asked, new Set(['edge']));
  expect(ask.typed('edge')).toBe('2 m 6');
  expect(ask.label('gap')).toBe('Gap between the folds');
  // What has a box says it there.
  expect(ask.error('edge')).toBe('No unit.');
  expect(ask.error('gap')).toBeUndefined();

  render(<>{ask.field('edge', done)}</>);
  const field = screen.getByLabelText<HTMLInputElement>('Edge');
  expect(document.activeElement).toBe(field);
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByText('No unit.')).toBeTruthy();
  fireEvent.change(field, { target: { value: '2.6 m' } });
  expect(set).toHaveBeenCalledExactlyOnceWith('edge', '2.6 m');
  fireEvent.keyDown(field, { key: 'Enter' });
  expect(done).toHaveBeenCalledOnce();
});

test('what was understood is said beside it where it says more than was typed', () => {
  const asked = {
    technique: { fields },
    ask: { edge: '1 m + 60 cm' },
    set: vi.fn(),
    reckoning: reckoning({ understood: { edge: { mm: 1600, text: '160 cm' } } }),
    units: 'metric' as const,
  };
  render(<>{onDrawing(asked, null).field('edge', vi.fn())}</>);
  expect(screen.getByText('= 160 cm')).toBeTruthy();
});
