import { readDraft } from '../../src/client/app/drafts';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ComponentProps } from 'react';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Ask, Field, Technique } from '../../src/client/api/types';
import { SwatchCard } from '../../src/client/parts/swatch/SwatchCard';
import type { Swatch } from '../../src/client/parts/swatch/useSwatches';

const asked: { path: string; ask: Ask }[] = [];
let says: Record<string, unknown>;

beforeEach(() => {
  localStorage.clear();
  asked.length = 0;
  says = {
    headline: { figure: '2.35', unit: '× fullness' },
    lines: [{ says: 'Fuller than planned.' }],
    readings: [],
    findings: [],
    firstChange: null,
  };
  vi.stubGlobal('fetch', async (path: string, { body }: RequestInit = {}) => {
    asked.push({ path, ask: JSON.parse((body as string) ?? '{}') as Ask });
    return new Response(JSON.stringify(says), { status: 200 });
  });
});

const field = (name: string, more: Partial<Field> = {}): Field => ({
  name,
  label: name.toUpperCase(),
  says: '',
  kind: 'lengths',
  isNeeded: true,
  from: '',
  ...more,
});
const choice = (name: string) => ({ name, label: `it ${name}`, follows: '' });

const technique = {
  name: 'any',
  fields: [field('fullness', { label: 'Fullness', kind: 'number', least: 1, most: 6 })],
  swatch: {
    fields: [
      field('looks', { choices: [choice('puckers'), choice('waves')] }),
      field('tried', { choices: [choice('looser')] }),
      field('fullness', { least: 1, most: 6 }),
    ],
    readings: [field('flat'), field('gathered'), field('across', { isNeeded: false })],
    knobs: [field('tension', { kind: 'number', label: 'Tension', step: 1, usual: 4 } as Partial<Field>)],
    learns: 'fullness',
    against: 'fullness',
  },
} as unknown as Technique;

const inch = (mm: number) => ({ mm, text: `${mm / 25.4} in` });

const swatch = (more: Partial<Swatch> = {}): Swatch =>
  ({
    id: 's',
    version: 1,
    readings: { flat: [inch(300)], gathered: [inch(127.5)] },
    features: { tension: 4 },
    settings: {},
    looks: [],
    verdict: 'nearly',
    counts: true,
    simulated: false,
    changed: null,
    note: '',
    ...more,
  }) as unknown as Swatch;

function open(more: Partial<ComponentProps<typeof SwatchCard>> = {}) {
  const props = {
    number: 2,
    swatch: swatch(),
    before: undefined,
    isFresh: false,
    tried: [],
    technique,
    ask: { fullness: 2.5, edge: '2 m' },
    cloth: {} as never,
    units: 'imperial' as const,
    change: vi.fn(() => Promise.resolve({})),
    remove: vi.fn(),
    photographs: [],
    ...more,
  };
  const within = (now: typeof props) => (
    <MemoryRouter>
      <QueryClientProvider client={new QueryClient()}>
        <ul>
          <SwatchCard {...now} />
        </ul>
      </QueryClientProvider>
    </MemoryRouter>
  );
  const { rerender } = render(within(props));
  return { ...props, again: (next: Partial<typeof props>) => rerender(within({ ...props, ...next })) };
}

const judged = () => asked.filter((a) => a.path.includes('/swatch')).at(-1)!.ask;
const reading = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

test('what is kept is judged as exactly as it was read, and with of the plan only what judging asks for', async () => {
  open();
  await waitFor(() => expect(asked.length).toBeGreaterThan(0));
  expect(judged()).toMatchObject({ flat: [300], gathered: [127.5], fullness: 2.5, tension: 4 });
  expect(judged()).not.toHaveProperty('edge');
  expect(judged()).not.toHaveProperty('across');
});

test('what is typed is judged as it is typed, before it is kept, and is there again after a reload', async () => {
  const { change } = open();
  fireEvent.change(reading('GATHERED'), { target: { value: '5 in; 5 1/8 in;' } });
  await waitFor(() => expect(judged().gathered).toEqual(['5 in', '5 1/8 in']));
  expect(change).not.toHaveBeenCalled();

  document.body.innerHTML = '';
  open();
  expect(reading('GATHERED').value).toBe('5 in; 5 1/8 in;');
});

test('a reading is kept when its field is left; one that is refused stays and says why', async () => {
  const change = vi
    .fn()
    .mockResolvedValueOnce({ 'readings.flat': ['No length.'] })
    .mockResolvedValue({});
  open({ change });
  fireEvent.change(reading('FLAT'), { target: { value: 'wide' } });
  fireEvent.blur(reading('FLAT'));
  expect(await screen.findByText('No length.')).toBeTruthy();
  expect(reading('FLAT').value).toBe('wide');

  fireEvent.change(reading('FLAT'), { target: { value: '12 in' } });
  fireEvent.blur(reading('FLAT'));
  await waitFor(() => expect(change).toHaveBeenLastCalledWith('s', { readings: { flat: ['12 in'] } }));
  await waitFor(() => expect(localStorage.length).toBe(0));
});

test('Enter keeps a measurement and goes to the next, with full hands', async () => {
  const { change } = open();
  fireEvent.change(reading('FLAT'), { target: { value: '30 cm' } });
  await act(async () => void fireEvent.keyDown(reading('FLAT'), { key: 'Enter' }));
  expect(document.activeElement).toBe(reading('GATHERED'));
  expect(change).toHaveBeenCalledWith('s', { readings: { flat: ['30 cm'] } });
});

test('nothing is judged while a reading that it needs is not there', async () => {
  open({ swatch: swatch({ readings: { flat: [inch(300)] } as never }) });
  await act(async () => {});
  expect(asked.filter((a) => a.path.includes('/swatch'))).toEqual([]);
  expect(screen.getByLabelText('ACROSS').getAttribute('placeholder')).toBe('optional');
});

test('it is held against what was set then, against what is expected, or against the plan', async () => {
  const { again } = open({ swatch: swatch({ settings: { Fullness: '3' } as never }) });
  await waitFor(() => expect(judged().fullness).toBe(3));

  // No field takes more than its most.
  again({ point: { expected: 9 } as never });
  await waitFor(() => expect(judged().fullness).toBe(6));
});

test('looks are pressed and let go, and the verdict is chosen', () => {
  const { change, again } = open();
  fireEvent.click(screen.getByRole('button', { name: 'it puckers' }));
  expect(change).toHaveBeenLastCalledWith('s', { looks: ['puckers'] });

  again({ swatch: swatch({ looks: ['puckers', 'waves'] }) });
  expect(screen.getByRole('button', { name: 'it waves' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'it puckers' }));
  expect(change).toHaveBeenLastCalledWith('s', { looks: ['waves'] });

  fireEvent.click(screen.getByLabelText('good'));
  expect(change).toHaveBeenLastCalledWith('s', { verdict: 'yes' });
});

test('the first change to try is said with why, and the next swatch tries it; not where it is right already', async () => {
  says.firstChange = { name: 'looser', change: 'Loosen the needle', because: 'It pulls.' };
  const next = vi.fn();
  const { again } = open({ next });
  fireEvent.click(await screen.findByText('Record a swatch with this change'));
  expect(next).toHaveBeenCalledWith('looser');
  expect(screen.getByText('It pulls.', { exact: false })).toBeTruthy();

  again({ swatch: swatch({ verdict: 'yes' }) });
  expect(screen.queryByText('Record a swatch with this change')).toBeNull();
});

test('more than one thing turned is said, since it will not tell which of them did it', () => {
  open({
    before: swatch({ features: { tension: 5 } as never, settings: { Tension: '5', Foot: 'wide' } as never }),
    swatch: swatch({ settings: { Tension: '4', Foot: 'narrow' } as never }),
    card: { Foot: 'narrow', Tension: '4' },
  });
  expect(screen.getByText(/Changed since the last swatch:/).textContent).toContain('tension 4');
  expect(screen.getByText(/changed 2 things since the last swatch/)).toBeTruthy();
  expect([...document.querySelectorAll('dt')].map((t) => t.textContent)).toEqual(['Foot', 'Tension']);
});

test('what was never sewn says so, and an odd one says whether it counts', async () => {
  const { again, change } = open({
    swatch: swatch({ simulated: true }),
    point: { isOdd: true, deviations: -3.21, expected: 2 } as never,
  });
  expect(screen.getByText('simulated, not really sewn')).toBeTruthy();
  expect(screen.getByText(/very different from your other swatches/)).toBeTruthy();
  expect(screen.getByText(/Still used/)).toBeTruthy();

  fireEvent.click(await screen.findByLabelText('Use in estimates'));
  expect(change).toHaveBeenLastCalledWith('s', { counts: false });
  again({
    swatch: swatch({ counts: false }),
    point: { isOdd: true, deviations: -3.21, expected: 2 } as never,
  });
  expect(screen.getByText(/Not used/)).toBeTruthy();
});

test('a note is drafted with every key and goes once it is kept', async () => {
  const change = vi
    .fn()
    .mockResolvedValueOnce({ note: ['Too long.'] })
    .mockResolvedValue({});
  open({ change });
  const note = screen.getByLabelText('Note');
  fireEvent.change(note, { target: { value: 'bias' } });
  fireEvent.blur(note);
  await act(async () => {});
  expect(JSON.stringify(readDraft('s.note'))).toContain('bias');
  fireEvent.blur(note);
  await waitFor(() => expect(readDraft('s.note')).toEqual({}));
});

test('what it came to is said at once, and one press takes it into the plan', async () => {
  says.takeOver = { field: 'fullness', value: 2.35, says: 'Plan with 2.35' };
  const take = vi.fn();
  open({ take });
  fireEvent.click(await screen.findByText('Plan with 2.35'));
  expect(take).toHaveBeenCalledWith('fullness', 2.35);
  expect(screen.getByText('× fullness').closest('[aria-live]')!.textContent).toContain(
    'Fuller than planned.',
  );
});

test('it is taken away by its name', () => {
  const { remove } = open();
  fireEvent.click(screen.getByLabelText('Delete swatch 2'));
  expect(remove).toHaveBeenCalledWith('s');
});
