import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Field } from '../../src/client/api/types';
import { PathFile } from '../../src/client/parts/ask/PathFile';

const sent: { path: URL; body: string }[] = [];
let answer: () => Response;

beforeEach(() => {
  sent.length = 0;
  answer = () =>
    new Response(
      JSON.stringify({
        data: 'M0 0 L90 0',
        count: 2,
        width: { mm: 90, text: '9 cm' },
        height: { mm: 40, text: '4 cm' },
      }),
      { status: 200 },
    );
  vi.stubGlobal('fetch', async (path: string, { body }: RequestInit) => {
    sent.push({ path: new URL(path, 'http://here'), body: await (body as Blob).text() });
    return answer();
  });
});

function open(kind: string, data = '') {
  const set = vi.fn();
  const field = { name: 'line', label: 'Line', kind } as Field;
  render(<PathFile field={field} data={data} set={set} units="metric" />);
  return set;
}

const choose = (text: string) =>
  fireEvent.change(screen.getByLabelText('Line from an SVG file'), {
    target: { files: [new File([text], 'vine.svg', { type: 'image/svg+xml' })] },
  });

test('a file goes out with the size that is wanted, and what is read of it is said', async () => {
  const set = open('path');
  fireEvent.change(screen.getByLabelText('Maximum width'), { target: { value: '9 cm' } });
  choose('<svg/>');
  await waitFor(() => expect(set).toHaveBeenCalledWith('M0 0 L90 0'));
  expect(sent[0]!.path.pathname).toBe('/api/lines/svg');
  expect(Object.fromEntries(sent[0]!.path.searchParams)).toEqual({
    width: '9 cm',
    height: '',
    units: 'metric',
    outlines: 'false',
  });
  expect(sent[0]!.body).toBe('<svg/>');
  expect(screen.getByRole('status').textContent).toBe('2 lines, 9 cm × 4 cm.');
});

test('an outline asks for outlines', async () => {
  open('outline');
  choose('<svg/>');
  await waitFor(() => expect(sent[0]!.path.searchParams.get('outlines')).toBe('true'));
});

test('what is no file of lines says why, and changes nothing', async () => {
  answer = () =>
    new Response(JSON.stringify({ title: 'Wrong.', errors: { file: ['There is no path in it.'] } }), {
      status: 400,
    });
  const set = open('path', 'M0 0 L5 5');
  choose('nonsense');
  expect((await screen.findByText('There is no path in it.')).className).toContain('wrong');
  expect(set).not.toHaveBeenCalled();
});

test('what is there already comes back at another size', async () => {
  const set = open('path', 'M0 0 L5 5');
  const button = screen.getByText<HTMLButtonElement>('Use this size');
  expect(button.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Maximum height'), { target: { value: '20 mm' } });
  expect(button.disabled).toBe(false);
  fireEvent.click(button);
  await waitFor(() => expect(set).toHaveBeenCalled());
  expect(sent[0]!.body).toContain('d="M0 0 L5 5"');
  expect(sent[0]!.path.searchParams.get('height')).toBe('20 mm');
});
