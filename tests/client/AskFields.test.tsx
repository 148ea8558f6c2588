import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Answer, Ask, Field, Technique } from '../../src/client/api/types';
import type { Reckoning } from '../../src/client/app/useReckoning';
import { AskFields, AskFolds, type FieldLeaf } from '../../src/client/parts/ask/AskFields';

const field = (name: string, kind: string, more: Partial<Field> = {}): Field => ({
  name,
  label: name.toUpperCase(),
  says: '',
  kind,
  isNeeded: false,
  from: '',
  ...more,
});

const technique = {
  fields: [
    field('edge', 'length', { isNeeded: true }),
    field('ring', 'flag', { no: 'open', yes: 'ring' }),
    field('end', 'length', { shownWhen: { field: 'ring', is: 'true', not: true } }),
    field('full', 'number', { step: 0.05, start: 2, unit: 'times' }),
    field('deep', 'fine', { start: '8 mm' }),
    field('sure', 'number', {
      choices: [
        { name: '0.5', label: 'half the time', follows: '' },
        { name: '0.9', label: '9 times out of 10', follows: '' },
      ],
      start: 0.9,
    }),
    field('weight', 'number', { unit: 'g/m²', from: 'cloth.weight' }),
    field('rows', 'choice', {
      choices: [
        { name: 'two', label: 'two', follows: 'Quick.' },
        { name: 'three', label: 'three', follows: 'Evenest.' },
      ],
    }),
  ],
  groups: [
    { when: 'first', title: '', fields: ['edge', 'ring', 'end', 'rows'] },
    { when: 'machine', title: '', fields: ['full', 'deep', 'sure'] },
    { when: 'folded', title: 'Fabric', fields: ['weight'] },
  ],
  first: { field: 'edge', question: 'How long?', says: '' },
  either: ['full', 'deep'],
} as unknown as Technique;

const reckoning = (more: Partial<Reckoning<Answer>> = {}): Reckoning<Answer> => ({
  answer: null,
  isOld: false,
  errors: {},
  missing: [],
  understood: {},
  unreachable: null,
  ...more,
});

function open(ask: Ask, more: Partial<Reckoning<Answer>> = {}, leaves?: Record<string, FieldLeaf>) {
  const set = vi.fn();
  const props = { technique, ask, set, reckoning: reckoning(more), units: 'metric' as const, leaves };
  render(
    <>
      <AskFields {...props} when={['first', 'machine']} />
      <AskFolds {...props} cloth={<p>its look</p>} clothName="blue ticking" />
    </>,
  );
  return set;
}

test('the fields stand in their groups; what is folded says in a line what it is', () => {
  open({ edge: '2 m', weight: 140 });
  const labels = [...document.querySelectorAll('.label')].map((l) => l.textContent);
  expect(labels.slice(0, 2)).toEqual(['EDGE', 'RING']);
  expect(screen.getByText(/blue ticking · weight 140 g\/m²/)).toBeTruthy();
  expect(screen.getByText('its look')).toBeTruthy();
});

test('a field is shown by what another one says', () => {
  open({ ring: false });
  expect(screen.getByLabelText('END')).toBeTruthy();
  document.body.innerHTML = '';
  open({ ring: true });
  expect(screen.queryByLabelText('END')).toBeNull();
});

test('of two for one thing the other is a press away, and takes its place', () => {
  const set = open({ full: 2.2 });
  fireEvent.click(screen.getByText('Enter the deep instead'));
  expect(set.mock.calls).toEqual([
    ['full', ''],
    ['deep', '8 mm'],
  ]);
});

test('what is typed goes out as it is typed; a number as a number, and half of one as text', () => {
  const set = open({ full: 2 });
  fireEvent.change(screen.getByLabelText('EDGE'), { target: { value: '36 1/2' } });
  fireEvent.change(screen.getByLabelText(/^FULL/), { target: { value: '2,25' } });
  fireEvent.change(screen.getByLabelText(/^FULL/), { target: { value: '2.2x' } });
  expect(set.mock.calls).toEqual([
    ['edge', '36 1/2'],
    ['full', 2.25],
    ['full', '2.2x'],
  ]);
});

test('words, yes or no, and ways are chosen; what follows from a way is said', () => {
  const set = open({ rows: 'three', sure: 0.5 });
  fireEvent.click(screen.getByLabelText('ring'));
  fireEvent.click(screen.getByLabelText('two'));
  fireEvent.click(screen.getByLabelText('9 times out of 10'));
  expect(set.mock.calls).toEqual([
    ['ring', true],
    ['rows', 'two'],
    ['sure', 0.9],
  ]);
  expect(screen.getByText('Evenest.')).toBeTruthy();
});

test('what is wrong stands at its field and opens its fold; what is missing is not wrong yet', () => {
  open(
    { edge: '' },
    {
      errors: { weight: 'Too heavy.', edge: 'Edge is missing.' },
      missing: ['edge'],
    },
  );
  expect(screen.getByText('Too heavy.').className).toContain('wrong');
  expect(screen.queryByText('Edge is missing.')).toBeNull();
  expect(screen.getByText('Too heavy.').closest('details')!.open).toBe(true);
});

test('a leaf stands in the place of its field, with the ask and the answer, and changes the ask', () => {
  const Leaf: FieldLeaf = ({ field: { label }, ask, set }) => (
    <button type="button" onClick={() => set('full', Number(ask.full) + 1)}>
      wave of {label}
    </button>
  );
  const set = open({ full: 2 }, {}, { full: Leaf });
  fireEvent.click(screen.getByText('wave of FULL'));
  expect(set).toHaveBeenCalledWith('full', 3);
  expect(screen.queryByLabelText(/^FULL/)).toBeNull();
});
