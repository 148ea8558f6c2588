import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Answer } from '../../src/client/api/types';
import { RowList, spanOf } from '../../src/client/techniques/stitch-rows/RowList';

const mm = (figure: number) => ({ mm: figure, text: `${figure} mm` });
const row = (number: number, set: number | undefined, repeats: number, start: number, more: object = {}) => ({
  row: number,
  side: '',
  stitch: 'fern',
  length: mm(100),
  set: set === undefined ? undefined : mm(set),
  repeats,
  repeat: mm(8),
  start: mm(start),
  ...more,
});
const shown = (...settings: object[]) => {
  render(<RowList answer={{ settings, findings: [] } as unknown as Answer} />);
  return screen.queryAllByRole('row').map((r) => [...r.children].map((c) => c.textContent!.trim()));
};

test('rows that are set alike stand together, with what is set and where each begins', () => {
  expect(
    shown(
      row(1, 2.4, 0, 3),
      row(2, 2.5, 4, 0.5),
      row(3, 2.5, 4, 0.5),
      row(4, 2.6, 4, 0.5),
      row(5, 2.5, 4, 0.5),
    ),
  ).toEqual([
    ['Row', 'Length to set', 'Start at', 'Repeats'],
    ['1', '2.4 mm', '3 mm', 'no complete repeat: trim'],
    ['2–3, 5', '2.5 mm', '0.5 mm', '4'],
    ['4', '2.6 mm', '0.5 mm', '4'],
  ]);
});

test('several stitches are named, sides of a border too, and a dial that is not known is left as it is', () => {
  expect(
    shown(row(1, undefined, 4, 0, { side: 'top' }), row(1, 2.5, 6, 0, { side: 'right', stitch: 'wave' })),
  ).toEqual([
    ['Row', 'Stitch', 'Length to set', 'Start at', 'Repeats'],
    ['1 top', 'fern', 'as it is', '0 mm', '4'],
    ['1 right', 'wave', '2.5 mm', '0 mm', '6'],
  ]);
});

test('where no dial is known there is nothing to set; without rows there is nothing', () => {
  expect(shown(row(1, undefined, 4, 0))[0]).toEqual(['Row', 'Start at', 'Repeats']);
  render(<RowList answer={null} />);
  expect(screen.getAllByRole('table')).toHaveLength(1);
});

test('numbers are told in few words', () => {
  expect(spanOf([1, 2, 3, 7, 9, 10])).toBe('1–3, 7, 9–10');
});
