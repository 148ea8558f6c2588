import { fireEvent, render, screen, within } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Answer } from '../../src/client/api/types';
import { WaysToCut } from '../../src/client/parts/cut/WaysToCut';

const way = (name: string, more: object = {}) => ({
  name,
  label: `by ${name}`,
  cloth: { mm: 450, text: '45 cm' },
  joins: 3,
  minutes: 24.6,
  serves: true,
  says: `so it is cut by ${name}`,
  ...more,
});

function open(ways: object[], chosen: string) {
  const set = vi.fn();
  const answer = { ways, way: chosen, why: 'It takes less fabric.' } as unknown as Answer;
  render(<WaysToCut answer={answer} ask={{}} set={set} />);
  return { set, rows: screen.queryAllByRole('listitem') };
}

test('nothing stands there while there is no answer, or one without ways', () => {
  const { container, rerender } = render(<WaysToCut answer={null} ask={{}} set={() => {}} />);
  expect(container.innerHTML).toBe('');
  rerender(<WaysToCut answer={{} as Answer} ask={{}} set={() => {}} />);
  expect(container.innerHTML).toBe('');
});

test('the figures stand side by side, the better first with why, and one press takes another', () => {
  const { set, rows } = open([way('strips'), way('tube', { joins: 1, minutes: 31 })], 'strips');
  expect(rows.map((r) => r.textContent)).toEqual([
    expect.stringMatching(/by strips.*✓ in use.*45 cm.*3 joins.*about 25 min.*It takes less fabric\./s),
    expect.stringMatching(/by tube.*1 join(?!s).*about 31 min/s),
  ]);
  expect(rows[1]!.textContent).not.toContain('It takes less fabric.');

  fireEvent.click(within(rows[1]!).getByRole('button', { name: 'Use this method: by tube' }));

  expect(set.mock.calls).toEqual([['method', 'tube']]);
});

test('what is not enough cannot be taken and says so; a offcut takes no fabric', () => {
  const { set, rows } = open([way('strips'), way('remnant', { serves: false })], 'strips');
  expect(rows[1]!.textContent).toMatch(/no fabric.*: not enough/s);
  fireEvent.click(within(rows[1]!).getByRole('button'));
  expect(set).not.toHaveBeenCalled();
});

test('why is said of one against others, and not of the only one', () => {
  open([way('strips')], 'strips');
  expect(screen.queryByText('It takes less fabric.')).toBeNull();
});
