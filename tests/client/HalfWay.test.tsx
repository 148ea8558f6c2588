import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Ask, Step } from '../../src/client/api/types';
import type { EditedWorking } from '../../src/client/app/useWorking';
import { HalfWay } from '../../src/client/parts/HalfWay';

/** What was asked of the server, and what it answers. */
const asked: { path: string; ask: Ask }[] = [];
let answer: unknown = { findings: [] };

beforeEach(() => {
  asked.length = 0;
  answer = { findings: [] };
  vi.stubGlobal('fetch', async (path: string, { body }: RequestInit) => {
    asked.push({ path, ask: JSON.parse(body as string) as Ask });
    return new Response(JSON.stringify(answer), { status: 200 });
  });
});

function open(measure: Partial<NonNullable<Step['measure']>>, ask: Ask, measured: string[] = []) {
  const working = {
    id: 'w',
    ask,
    progress: { at: 3, measured },
    set: vi.fn(),
    change: vi.fn(),
  };
  render(
    <HalfWay
      measure={{
        form: 'half-way',
        field: 'measured',
        question: 'How long is it?',
        with: {},
        into: '',
        ...measure,
      }}
      working={working as unknown as EditedWorking}
      units="metric"
    />,
  );
  const field = screen.getByLabelText<HTMLInputElement>('How long is it?');
  return { ...working, field, type: (text: string) => fireEvent.change(field, { target: { value: text } }) };
}

test('readings are kept with the progress, each of them, and asked with the plan', async () => {
  const { type, change, set, field } = open({}, { edge: '1 m' }, ['32 cm']);
  expect(field.value).toBe('32 cm');

  type('32 cm; 31.5 cm ;');

  expect(change).toHaveBeenLastCalledWith({ progress: { at: 3, measured: ['32 cm', '31.5 cm'] } }, 'pause');
  expect(set).not.toHaveBeenCalled();
  await waitFor(() =>
    expect(asked.at(-1)).toEqual({
      path: '/api/workings/w/reckon/half-way?units=metric',
      ask: { edge: '1 m', measured: ['32 cm', '31.5 cm'] },
    }),
  );
});

test('one that the plan goes by is kept in the plan, beside those of other moments', async () => {
  const course = [
    { sewn: 5, from: 6, measured: '20.5 mm' },
    { sewn: 10, from: 4, measured: '41 mm' },
  ];
  const told = { sewn: 10, from: 4 };
  const { type, set, change, field } = open(
    { form: 'respace', into: 'course', with: told },
    { tucks: 15, course },
  );
  expect(field.value).toBe('41 mm');

  type('42 mm');
  expect(set).toHaveBeenLastCalledWith('course', [course[0], { ...told, measured: '42 mm' }]);
  expect(change).not.toHaveBeenCalled();
  await waitFor(() => expect(asked.at(-1)!.ask).toEqual({ tucks: 15, course, ...told, measured: '42 mm' }));

  // Emptied, it is taken out; the others stay.
  type(' ');
  expect(set).toHaveBeenLastCalledWith('course', [course[0]]);
});

test('the last that is emptied takes the field out of the plan', () => {
  const { type, set } = open(
    { into: 'course', with: { sewn: 5 } },
    { course: [{ sewn: 5, measured: '20 mm' }] },
  );
  type('');
  expect(set).toHaveBeenLastCalledWith('course', '');
});

test('what it means is said with both figures, and nothing while nothing is typed', async () => {
  answer = {
    should: { mm: 24, text: '24 mm' },
    measured: { mm: 23, text: '23 mm' },
    findings: [
      {
        code: 're-spaced',
        severity: 'note',
        says: 'Each takes up more.',
        because: 'So it is.',
        remedy: 'Mark again.',
      },
    ],
  };
  const { type } = open({}, {});
  expect(asked).toHaveLength(0);
  expect(screen.queryByText('Each takes up more.')).toBeNull();

  type('23 mm');

  await act(async () => {});
  await waitFor(() => expect(screen.getByText('Each takes up more.')).toBeTruthy());
  expect(document.body.textContent).toContain('23 mm measured, 24 mm wanted');
});
