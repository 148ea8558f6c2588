import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Answer, Field } from '../../src/client/api/types';
import type { Reckoning } from '../../src/client/app/useReckoning';
import { onDrawing } from '../../src/client/parts/ask/onDrawing';

const reckoning = (more: Partial<Reckoning<Answer>> = {}): Reckoning<Answer> => ({
  answer: null,
  isOld: false,
  errors: {},
  missing: [],
  understood: {},
  unreachable: null,
  ...more,
});

const fields = [
  { name: 'edge', label: 'Edge', kind: 'length' },
  { name: 'gap', label: 'Gap between the folds', kind: 'fine' },
] as Field[];

test('the field that opens on the drawing is the same as anywhere: what was typed, what is wrong, Enter', () => {
  const set = vi.fn();
  const done = vi.fn();
  const asked = {
    technique: { fields },
    ask: { edge: '2 m 6' },
    set,
    reckoning: reckoning({ errors: { edge: 'No unit.', 'line[0].length': 'No.' } }),
    units: 'metric' as const,
  };
  const ask = onDrawing(asked);
  expect(ask.typed('edge')).toBe('2 m 6');
  expect(ask.label('gap')).toBe('Gap between the folds');
  expect(ask.error('edge')).toBeUndefined();
  expect(ask.error('line[0].length')).toBe('No.');

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
