import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Ask, Field, Shape } from '../../src/client/api/types';
import type { Thing } from '../../src/client/app/drawer';
import { StitchRow } from '../../src/client/drawing/StitchRow';
import { StitchStrip } from '../../src/client/drawing/StitchStrip';
import { PickStitches, told } from '../../src/client/parts/ask/PickStitches';
import { StitchPad } from '../../src/client/parts/StitchPad';
import { SwatchLines } from '../../src/client/parts/swatch/SwatchLines';

/** A server of one drawer. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = {
    sent: [] as { path: string; body: Record<string, unknown>; version: string | null }[],
    answers: {} as Record<string, unknown>,
  };
  globalThis.fetch = (async (request: Request) => {
    const path = new URL(request.url).pathname;
    if (request.method !== 'GET')
      server.sent.push({
        path,
        body: (await request.json()) as Record<string, unknown>,
        version: request.headers.get('If-Match'),
      });
    return new Response(JSON.stringify(server.answers[path] ?? {}), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    });
  }) as typeof fetch;
  return server;
});

const mm = (figure: number) => ({ mm: figure, text: `${figure} mm` });
const drawing = {
  name: 'stitch',
  says: 'Three repeats.',
  width: 30,
  height: 10,
  shapes: [
    {
      kind: 'path',
      path: 'M2 5L28 5',
      stitches: { length: 8, width: 5, repeat: { paths: ['M0 0L4 2L8 0'], length: 8 } },
    },
  ],
};

const stitch = (name: string, look: string, number: string, more: Record<string, unknown> = {}) =>
  ({
    id: name,
    kind: 'machine-stitch',
    name,
    version: 3,
    properties: {
      onMachine: 'window machine',
      look,
      number,
      length: '2.5 mm',
      width: '6 mm',
      repeat: '8 mm',
      ...more,
    },
    understood: { length: mm(2.5), width: mm(6), repeat: mm(8) },
    drawing,
  }) as unknown as Thing;

const things = [
  stitch('fern', 'leaf', '24'),
  stitch('bars', 'bar', '9'),
  stitch('ivy', 'leaf', '7'),
  { id: 'm', kind: 'machine', name: 'window machine', version: 8, properties: {}, understood: {} },
];
const { sent } = server;

beforeEach(() => {
  localStorage.clear();
  server.sent.length = 0;
  server.answers = {
    '/api/drawer': { things, tried: [] },
    '/api/drawer/kinds': [
      {
        name: 'machine-stitch',
        fields: [
          {
            name: 'look',
            choices: ['bar', 'wave', 'leaf'].map((name) => ({ name, label: name, follows: '' })),
          },
        ],
      },
    ],
  };
});

const within_ = (children: ReactNode) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

const field = (name: string, kind: string, from = '') =>
  ({ name, label: name, says: '', kind, isNeeded: false, from }) as Field;

const pattern: Field = {
  ...field('pattern', 'groups', 'machine-stitch'),
  label: 'Stitch sequence',
  fields: [
    field('name', 'name', 'machine-stitch.name'),
    field('number', 'name', 'machine-stitch.number'),
    field('stitchWidth', 'fine', 'machine-stitch.width'),
    field('repeatLength', 'fine', 'machine-stitch.repeat'),
  ],
};

function Picked({ seen, errors = {} }: { seen: (rows: Ask[]) => void; errors?: Record<string, string> }) {
  const [rows, setRows] = useState<Ask[]>([]);
  return (
    <PickStitches
      field={pattern}
      value={rows}
      set={(next) => {
        setRows(next);
        seen(next);
      }}
      errors={errors}
      units="metric"
    />
  );
}

test('a stitch is found by its look, the lowest number first, and picked with what the book says of it', async () => {
  let rows: Ask[] = [];
  render(within_(<Picked seen={(next) => (rows = next)} />));
  fireEvent.click(await screen.findByText('Take one from the book'));
  const shelf = screen.getByRole('group', { name: 'The stitch library' });
  await within(shelf).findByText('bars');
  // Only looks that there are of it are asked for.
  expect(within(shelf).queryByRole('button', { name: 'wave' })).toBeNull();

  fireEvent.click(within(shelf).getByRole('button', { name: 'leaf' }));
  const shown = within(shelf)
    .getAllByRole('listitem')
    .map((li) => li.textContent);
  expect(shown[0]).toContain('ivy');
  expect(shown[1]).toContain('fern');
  expect(shown).toHaveLength(2);
  fireEvent.click(within(shelf).getByText('fern'));

  expect(rows).toEqual([{ name: 'fern', number: '24', stitchWidth: '6 mm', repeatLength: '8 mm' }]);
  expect(screen.queryByRole('group', { name: 'The stitch library' })).toBeNull();
});

test('stitches in turn are typed over, moved and taken out, and what is wrong names its stitch', async () => {
  let rows: Ask[] = [];
  render(
    within_(<Picked seen={(next) => (rows = next)} errors={{ 'pattern[1].repeatLength': 'No length.' }} />),
  );
  for (const name of ['fern', 'bars']) {
    fireEvent.click(await screen.findByText(/Take one from the book|One more/));
    const shelf = screen.getByRole('group', { name: 'The stitch library' });
    fireEvent.click(await within(shelf).findByText(name));
  }
  expect(screen.getByText('Stitch 2: No length.')).toBeTruthy();

  fireEvent.click(screen.getByRole('button', { name: /bars/ }));
  fireEvent.change(screen.getByLabelText('stitchWidth'), { target: { value: '4 mm' } });
  fireEvent.click(screen.getByText('Earlier'));
  expect(rows.map((r) => r.name)).toEqual(['bars', 'fern']);
  expect(rows[0]!.stitchWidth).toBe('4 mm');
  fireEvent.click(screen.getByText('Take it out'));
  expect(rows.map((r) => r.name)).toEqual(['fern']);
});

test('a word is as long as its letters in their pitch', () => {
  const word = {
    ...stitch('PEAS', 'letters', 'A7', { word: 'PEAS', pitch: '7.2 mm', repeat: undefined }),
    understood: { pitch: mm(7.2) },
  } as unknown as Thing;
  expect(told(word, pattern.fields!).repeatLength).toBe('28.8 mm');
});

test('a repeat is drawn over and over along its row, and as a band where it is too small', () => {
  const row = drawing.shapes[0] as unknown as Extract<Shape, { kind: 'path' }>;
  const look = { ground: '#fff', ink: '#000', accent: '#888', pattern: 'plain' } as never;
  const stretched = { ...row.stitches!, length: 10 } as never;
  const { container, rerender } = render(
    <svg>
      <StitchRow shape={row} stitches={stretched} scale={4} look={look} />
    </svg>,
  );
  expect(container.querySelector('pattern')!.getAttribute('patternTransform')).toContain('scale(1.25 1)');
  expect(container.querySelector('rect')!.getAttribute('width')).toBe('26');
  rerender(
    <svg>
      <StitchRow shape={row} stitches={stretched} scale={0.2} look={look} />
    </svg>,
  );
  expect(container.querySelector('pattern')).toBeNull();
  expect(container.querySelector('path')!.getAttribute('d')).toBe(row.path);
});

test('a strip shows as many repeats as there is room for, none cut off', () => {
  const { container } = render(<StitchStrip drawing={drawing as never} width={120} height={50} />);
  const shown = container.querySelectorAll('path');
  const scale = Number(
    /scale\(([\d.]+)\)/.exec(container.querySelector('g')!.getAttribute('transform')!)![1],
  );
  expect(shown.length).toBeGreaterThan(1);
  expect(shown.length * 8 * scale).toBeLessThanOrEqual(120);
});

function Pad({ seen }: { seen: (data: string | null) => void }) {
  const [value, setValue] = useState('');
  return (
    <StitchPad
      label="Stitch picture"
      says="One repeat."
      value={value}
      set={(data) => {
        setValue(data ?? '');
        seen(data);
      }}
      length={8}
      width={6}
    />
  );
}

test('a picture is drawn by keys alone: led there, put down, taken back', () => {
  let data: string | null = null;
  render(<Pad seen={(next) => (data = next)} />);
  const pad = screen.getByRole('application');
  const press = (...keys: string[]) => keys.forEach((key) => fireEvent.keyDown(pad, { key }));
  press('Enter', 'ArrowRight', 'ArrowRight', 'ArrowUp', 'Enter');
  expect(data).toBe('M0 0L1 -0.5');
  // Never beyond its repeat, nor beyond its sides.
  press(...Array<string>(30).fill('ArrowRight'), ...Array<string>(30).fill('ArrowDown'), 'Enter');
  expect(data).toBe('M0 0L1 -0.5L8 3');
  press('Backspace');
  expect(data).toBe('M0 0L1 -0.5');
  fireEvent.click(screen.getByText('Reset the picture'));
  expect(data).toBeNull();
});

const lines: Field = {
  ...field('stitches', 'groups'),
  label: 'Stitches on this swatch',
  fields: [
    field('name', 'name'),
    field('changed', 'name'),
    field('length', 'fine'),
    field('width', 'fine'),
    field('said', 'fine'),
    field('ten', 'fine'),
    field('wide', 'fine'),
    {
      ...field('under', 'choice'),
      choices: ['nothing', 'tear-away'].map((name) => ({ name, label: name, follows: '' })),
    },
    field('tunnelled', 'flag'),
  ],
};

test('a scrap is entered with one hand: number, enter, number, and each is kept as it is left', async () => {
  const kept: Ask[][] = [];
  const keep = (next: Ask[]) => {
    kept.push(next);
    return Promise.resolve(true);
  };
  const rows = [
    { name: 'fern', length: 2.5, width: 6, said: 8, under: 'tear-away' },
    { name: 'bars', length: 2.5, width: 6, said: 8, under: 'nothing' },
  ];
  render(within_(<SwatchLines swatch="s" field={lines} lines={rows} errors={{}} keep={keep} />));
  const reads = [...document.querySelectorAll<HTMLInputElement>('input[data-read]')];
  expect(reads).toHaveLength(4);
  reads[0]!.focus();
  fireEvent.change(reads[0]!, { target: { value: '79' } });
  fireEvent.keyDown(reads[0]!, { key: 'Enter' });
  expect(document.activeElement).toBe(reads[1]);
  expect(kept.at(-1)![0]!.ten).toBe('79');
  await waitFor(() => expect(localStorage.length).toBeLessThanOrEqual(1));
});

test('what is typed waits in the browser where it can’t be saved', async () => {
  const rows = [{ name: 'fern', said: 8 }];
  const given = { swatch: 's', field: lines, lines: rows, errors: {}, keep: () => Promise.resolve(false) };
  const { unmount } = render(within_(<SwatchLines {...given} />));
  const read = document.querySelector<HTMLInputElement>('input[data-read]')!;
  fireEvent.change(read, { target: { value: '81,5' } });
  fireEvent.blur(read);
  await Promise.resolve();
  unmount();
  render(within_(<SwatchLines {...given} />));
  expect(document.querySelector<HTMLInputElement>('input[data-read]')!.value).toBe('81,5');
});

test('once more turns the stabiliser round and says so, with nothing measured yet', () => {
  const kept: Ask[][] = [];
  render(
    within_(
      <SwatchLines
        swatch="s"
        field={lines}
        lines={[{ name: 'fern', ten: 79, wide: 6, under: 'tear-away' }]}
        errors={{}}
        keep={(next) => {
          kept.push(next);
          return Promise.resolve(true);
        }}
      />,
    ),
  );
  fireEvent.click(screen.getByLabelText('Add again without stabiliser'));
  expect(kept[0]).toHaveLength(2);
  expect(kept[0]![1]).toMatchObject({ name: 'fern', under: 'nothing', changed: 'no stabiliser' });
  expect(kept[0]![1]!.ten).toBeUndefined();
});

test('what a line taught goes into the book at the usual length, and to the dials of its machine', async () => {
  render(
    within_(
      <SwatchLines
        swatch="s"
        field={lines}
        lines={[{ name: 'fern', length: 3, width: 6, said: 9.6, ten: 93, wide: 5.7 }]}
        errors={{}}
        keep={() => Promise.resolve(true)}
        says={[{ repeat: mm(9.3), wide: mm(5.7), lengthFactor: 9.3 / 9.6, widthFactor: 0.95 }]}
      />,
    ),
  );
  // 9.3 at a length of 3 is 7.75 at the usual 2.5.
  fireEvent.click(await screen.findByText('Update the stitch library to 7.75 mm'));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({
    path: '/api/drawer/things/fern',
    body: { properties: { repeat: '7.75 mm' } },
    version: '"3"',
  });

  fireEvent.click(await screen.findByText('Save to the calibration of the window machine'));
  await waitFor(() => expect(sent).toHaveLength(2));
  expect(sent[1]!.path).toBe('/api/drawer/things/m');
  expect((sent[1]!.body.properties as Ask).stitchDial).toEqual([
    { dialled: 3, stitches: 32, measured: '93 mm' },
  ]);
  expect((sent[1]!.body.properties as Ask).widthDial).toEqual([
    { dialled: 6, stitches: 1, measured: '5.7 mm' },
  ]);
});
