import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { GuidePaper } from '../../src/client/parts/GuidePaper';

let answers: ((response: Response) => void)[] = [];
const asked: string[] = [];
const clicked: { name: string; href: string }[] = [];

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  answers = [];
  asked.length = clicked.length = 0;
  vi.stubGlobal('fetch', (path: string) => {
    asked.push(path);
    return new Promise<Response>((answer) => answers.push(answer));
  });
  vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:guide');
  vi.spyOn(URL, 'revokeObjectURL').mockReturnValue();
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
    clicked.push({ name: this.download, href: this.href });
  });
});
afterEach(() => vi.useRealTimers());

const open = () => render(<GuidePaper working="w" version={4} units="imperial" />);
const status = () => screen.getByRole('status').textContent;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('it is seen as it will lie on the fabric, of the newest version', () => {
  open();
  expect(screen.getByRole('img').getAttribute('src')).toBe('/api/workings/w/guide?as=svg&units=imperial&v=4');
});

test('each paper is asked for and taken under the name that the program gives it', async () => {
  open();
  press('PDF, Letter');
  expect(asked).toEqual(['/api/workings/w/guide?as=pdf&paper=letter&units=imperial&v=4']);
  await act(async () =>
    answers[0]!(
      new Response('…', { headers: { 'content-disposition': 'attachment; filename=Tucked-bib.pdf' } }),
    ),
  );

  await waitFor(() => expect(clicked).toEqual([{ name: 'Tucked-bib.pdf', href: 'blob:guide' }]));
  expect(status()).toContain('Print at 100 %');
});

test('what takes longer than half a second says that it is on its way', async () => {
  open();
  press('SVG');
  await act(() => vi.advanceTimersByTimeAsync(300));
  expect(status()).toBe('');
  await act(() => vi.advanceTimersByTimeAsync(300));
  expect(status()).toBe('Preparing…');
});

test('what is refused says why, and nothing is taken', async () => {
  open();
  press('PDF, A4');
  await act(async () =>
    answers[0]!(
      new Response(JSON.stringify({ title: 'No.', errors: { paper: ['That would take 300 sheets.'] } }), {
        status: 400,
      }),
    ),
  );
  await waitFor(() => expect(status()).toBe('That would take 300 sheets.'));
  expect(clicked).toEqual([]);
});
