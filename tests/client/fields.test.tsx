import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';
import type { Field } from '../../src/client/api/types';

/** What the server was asked about a length. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = { asked: [] as URLSearchParams[], status: 200 };
  globalThis.fetch = (async (request: Request) => {
    server.asked.push(new URL(request.url).searchParams);
    return new Response(JSON.stringify({ mm: 21, text: '21 mm' }), {
      status: server.status,
      headers: { 'content-type': 'application/json' },
    });
  }) as typeof fetch;
  return server;
});

const { MeasureField } = await import('../../src/client/parts/MeasureField');
const { NumberField, numberOf } = await import('../../src/client/parts/NumberField');
const { PropertyField } = await import('../../src/client/parts/PropertyField');
const { GroupField } = await import('../../src/client/parts/ask/GroupField');

const field = (kind: string, more: Partial<Field> = {}) =>
  ({ name: 'f', label: 'F', says: 'what it is', kind, isNeeded: false, from: '', ...more }) as Field;

test('a number is read with a comma or a point, and half of one is none yet', () => {
  expect(['2,5', ' 2.5 ', '-1', '', ' ', '2.5x', '-'].map(numberOf)).toEqual([
    2.5,
    2.5,
    -1,
    null,
    null,
    null,
    null,
  ]);
});

test('arrow keys step a number by its step, ten times with Shift, without figures that float', () => {
  function Held() {
    const [typed, setTyped] = useState('0.2');
    return <NumberField label="F" typed={typed} onType={setTyped} step={0.1} />;
  }
  render(<Held />);
  const input = screen.getByLabelText<HTMLInputElement>('F');
  const press = (key: string, shiftKey = false) => {
    fireEvent.keyDown(input, { key, shiftKey });
    return input.value;
  };
  expect([press('ArrowUp'), press('ArrowUp', true), press('ArrowDown')]).toEqual(['0.3', '1.3', '1.2']);
});

test('a number that is no single figure is not stepped, and Enter is told', () => {
  const [onType, onEnter] = [vi.fn(), vi.fn()];
  render(<NumberField label="F" typed="a, b" onType={onType} onEnter={onEnter} />);
  fireEvent.keyDown(screen.getByLabelText('F'), { key: 'ArrowUp' });
  fireEvent.keyDown(screen.getByLabelText('F'), { key: 'Enter' });
  expect(onType).not.toHaveBeenCalled();
  expect(onEnter).toHaveBeenCalledOnce();
});

test('a length says what is understood where that says more than was typed', () => {
  const shown = (typed: string, understood: string) => {
    document.body.innerHTML = '';
    render(
      <MeasureField
        label="F"
        typed={typed}
        onType={() => {}}
        understood={{ mm: 1, text: understood } as never}
        units="metric"
        hint="a hint"
      />,
    );
    return document.querySelector('p')!.textContent;
  };
  expect(shown('2 yd', '1.83 m')).toBe('= 1.83 m');
  expect(shown('30CM', '30 cm')).toBe('a hint');
});

test('arrow keys step a length as the server writes it; what cannot be read stays', async () => {
  const onType = vi.fn();
  render(<MeasureField label="F" typed="20 mm" onType={onType} units="imperial" fine />);
  fireEvent.keyDown(screen.getByLabelText('F'), { key: 'ArrowDown', shiftKey: true });
  await waitFor(() => expect(onType).toHaveBeenCalledWith('21 mm'));
  expect(Object.fromEntries(server.asked.at(-1)!)).toEqual({
    text: '20 mm',
    nudge: '-10',
    fine: 'true',
    units: 'imperial',
  });

  server.status = 400;
  onType.mockClear();
  fireEvent.keyDown(screen.getByLabelText('F'), { key: 'ArrowUp' });
  await new Promise((done) => setTimeout(done, 20));
  expect(onType).not.toHaveBeenCalled();
});

test('an empty length is not asked about', () => {
  const before = server.asked.length;
  render(<MeasureField label="F" typed=" " onType={() => {}} units="metric" />);
  fireEvent.keyDown(screen.getByLabelText('F'), { key: 'ArrowUp' });
  expect(server.asked).toHaveLength(before);
});

const choices = [
  { name: 'low', label: 'low shank', follows: 'The shorter.' },
  { name: 'high', label: 'high shank', follows: 'The longer.' },
];

test('a property that is not said is not known, whatever its kind', () => {
  const set = vi.fn();
  const shown = (f: Field, value: unknown) => {
    document.body.innerHTML = '';
    render(<PropertyField field={f} value={value} set={set} units="metric" />);
  };

  shown(field('choice', { choices }), 'high');
  expect(screen.getByText('The longer.')).toBeTruthy();
  fireEvent.change(screen.getByLabelText('F'), { target: { value: '' } });
  expect(set).toHaveBeenLastCalledWith(null);

  shown(field('flag'), false);
  expect(screen.getByLabelText<HTMLSelectElement>('F').value).toBe('false');
  fireEvent.change(screen.getByLabelText('F'), { target: { value: 'true' } });
  expect(set).toHaveBeenLastCalledWith(true);

  shown(field('choices', { choices }), ['low']);
  fireEvent.click(screen.getByLabelText('high shank'));
  expect(set).toHaveBeenLastCalledWith(['low', 'high']);
  fireEvent.click(screen.getByLabelText('low shank'));
  expect(set).toHaveBeenLastCalledWith(null);

  shown(field('colour'), '#aa3311');
  fireEvent.click(screen.getByText('unknown'));
  expect(set).toHaveBeenLastCalledWith(null);
  shown(field('colour'), undefined);
  expect(screen.queryByRole('button')).toBeNull();
});

test('a property that is a measurement keeps the half of it that is typed, and is told in mm as it is kept', () => {
  const set = vi.fn();
  render(<PropertyField field={field('number', { most: 3 })} value={1.5} set={set} units="metric" />);
  const number = screen.getByLabelText('F');
  fireEvent.keyDown(number, { key: 'ArrowUp' });
  fireEvent.change(number, { target: { value: '1.' } });
  fireEvent.change(number, { target: { value: '1.x' } });
  expect(set.mock.calls).toEqual([[1.6], [1], ['1.x']]);

  document.body.innerHTML = '';
  render(<PropertyField field={field('fine')} value={4.5} set={set} units="metric" />);
  expect(screen.getByLabelText<HTMLInputElement>('F').value).toBe('4.5 mm');
});

test('a field within a group says the same whatever its kind', () => {
  const say = vi.fn();
  const shown = (f: Field, said: unknown, error?: string) => {
    document.body.innerHTML = '';
    render(<GroupField field={f} said={said} say={say} units="metric" error={error} />);
  };

  shown(field('number', { unit: '°' }), 45);
  fireEvent.change(screen.getByLabelText(/^F/), { target: { value: '30' } });
  shown(field('flag', { no: 'square', yes: 'round' }), true);
  expect(screen.getByLabelText<HTMLInputElement>('round').getAttribute('aria-checked') ?? 'true').toBe(
    'true',
  );
  fireEvent.click(screen.getByLabelText('square'));
  shown(field('choice', { choices, start: 'high' }), undefined, 'Choose one.');
  expect(screen.getByLabelText<HTMLSelectElement>('F').value).toBe('high');
  expect(screen.getByText('Choose one.').className).toContain('wrong');
  fireEvent.change(screen.getByLabelText('F'), { target: { value: 'low' } });
  shown(field('name'), 'hem');
  fireEvent.change(screen.getByLabelText('F'), { target: { value: 'hem 2' } });
  shown(field('colour'), '#112233');
  fireEvent.click(screen.getByText('as the part’s'));
  shown(field('length'), '3 cm');
  fireEvent.change(screen.getByLabelText('F'), { target: { value: '3' } });

  expect(say.mock.calls.map(([typed]) => typed as unknown)).toEqual([30, false, 'low', 'hem 2', '', '3']);
});
