import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Technique } from '../../src/client/api/types';
import type { EditedWorking } from '../../src/client/app/useWorking';

/** A server that answers by the ends of paths. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = { sent: [] as { method: string; path: string }[], answers: {} as Record<string, unknown> };
  globalThis.fetch = (async (request: Request) => {
    const path = new URL(request.url).pathname;
    server.sent.push({ method: request.method, path });
    const found = Object.entries(server.answers).find(([end]) => path.endsWith(end))?.[1] ?? {};
    return new Response(JSON.stringify(found), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    });
  }) as typeof fetch;
  return server;
});

const { TakenFrom } = await import('../../src/client/parts/together/TakenFrom');
const { Ways } = await import('../../src/client/parts/together/Ways');
const { RunsShortHere } = await import('../../src/client/parts/cut/RunsShortHere');

beforeEach(() => {
  server.sent.length = 0;
});

function show(part: ReactNode) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>{part}</MemoryRouter>
    </QueryClientProvider>,
  );
}

const edge = { key: 'lower', name: 'lower edge', length: '150 cm' };
const tier = (id: string, name: string, more = {}) => ({
  id,
  name,
  piece: id,
  edges: [edge],
  joined: [],
  ...more,
});
const bench = (...workings: object[]) => ({ projects: [{ id: 'skirt', workings }] });
const technique = {
  fields: [
    { name: 'edge', label: 'Edge', isEdge: true, from: '' },
    { name: 'closed', label: 'Closed', comesAlong: true, from: '' },
    { name: 'use', label: 'Use', comesAlong: true, from: '' },
    { name: 'seam', label: 'Seam allowance', from: '' },
  ],
} as unknown as Technique;
const said = { understood: { edge: { mm: 1500, text: '150 cm' } } } as never;

function working(links: object = {}) {
  const change = vi.fn();
  return {
    change,
    edited: {
      id: 'lower',
      row: { projectId: 'skirt', piece: 'lower' },
      links,
      change,
    } as unknown as EditedWorking,
  };
}

test('an edge is taken by choosing the other piece, and fabric, use and ring come along in one change', async () => {
  server.answers = {
    '/bench': bench(tier('lower', 'Lower tier'), tier('upper', 'Upper tier')),
    '/workings/upper': {
      ask: { closed: true, use: 'tier', depth: '20 cm' },
      cloth: { name: 'lawn' },
      uses: { cloth: 'c1', foot: 'f1' },
    },
  };
  const { edited, change } = working();
  show(<TakenFrom working={edited} technique={technique} reckoning={said} />);

  const choose = await screen.findByLabelText('Edge from another part');
  expect(
    within(choose)
      .getAllByRole('option')
      .map((o) => o.textContent),
  ).toEqual(['enter it here', 'Upper tier: lower edge, 150 cm']);
  fireEvent.change(choose, { target: { value: 'upper lower' } });

  await waitFor(() => expect(change).toHaveBeenCalledOnce());
  expect(change).toHaveBeenCalledWith({
    links: { edge: { working: 'upper', edge: 'lower' } },
    ask: { closed: true, use: 'tier' },
    cloth: { name: 'lawn' },
    uses: { cloth: 'c1' },
  });
});

test('a piece that hangs on this one is not offered, nor another way of it', async () => {
  server.answers = {
    '/bench': bench(
      tier('lower', 'Lower tier'),
      tier('below', 'Below it', { joined: [{ field: 'edge', working: 'lower', edge: 'lower' }] }),
      tier('further', 'Further down', { joined: [{ field: 'edge', working: 'below', edge: 'lower' }] }),
      tier('way', 'Another way', { piece: 'lower' }),
      tier('bare', 'Without edges', { edges: [] }),
      tier('upper', 'Upper tier'),
    ),
  };
  show(<TakenFrom working={working().edited} technique={technique} reckoning={said} />);

  const choose = await screen.findByLabelText('Edge from another part');
  expect(
    within(choose)
      .getAllByRole('option')
      .map((o) => o.textContent),
  ).toEqual(['enter it here', 'Upper tier: lower edge, 150 cm']);
});

test('a taken edge says whose it is, and let go it stays as a measurement of its own', async () => {
  server.answers = { '/bench': bench(tier('lower', 'Lower tier'), tier('upper', 'Upper tier')) };
  const { edited, change } = working({ edge: { working: 'upper', edge: 'lower' } });
  show(<TakenFrom working={edited} technique={technique} reckoning={said} />);

  await screen.findByRole('link', { name: 'Upper tier' });
  fireEvent.click(screen.getByRole('button', { name: /Unlink/ }));
  expect(change).toHaveBeenCalledWith({ links: { edge: null }, ask: { edge: '150 cm' } });
});

const way = (id: string, more = {}) => ({
  id,
  name: `way ${id}`,
  technique: 'gathered',
  cloth: { mm: 1575, text: '157.5 cm' },
  minutes: 60,
  evenness: 'even',
  isAdjustable: false,
  takes: ['44 m of thread'],
  isAside: false,
  ...more,
});

test('ways stand side by side, one that cannot be calculated yet with a dash, and one is chosen by a press', async () => {
  server.answers = {
    '/ways': [way('a'), way('b', { cloth: null, minutes: null, isAdjustable: true })],
    '/choose': [],
  };
  show(<Ways of="a" here="a" />);

  const rows = await screen.findAllByRole('row');
  expect(rows).toHaveLength(3);
  expect(within(rows[1]!).queryByRole('link')).toBeNull();
  expect(rows[1]!.textContent).toContain('157.5 cm');
  expect(rows[2]!.textContent).toContain('––');
  expect(rows[2]!.textContent).toContain('adjustable');
  fireEvent.click(screen.getByRole('button', { name: 'Choose way b' }));
  await waitFor(() => expect(server.sent).toContainEqual({ method: 'POST', path: '/api/workings/b/choose' }));
});

test('a piece with one way only offers another, and a chosen one is marked', async () => {
  server.answers = { '/ways': [way('a')] };
  show(<Ways of="a" another={<button type="button">Compare another technique</button>} />);
  expect(await screen.findByRole('button', { name: 'Compare another technique' })).toBeTruthy();
  expect(screen.queryByRole('table')).toBeNull();
});

test('once one is chosen only the others can be', async () => {
  server.answers = { '/ways': [way('a', { isAside: true }), way('b')] };
  show(<Ways of="a" />);
  expect(await screen.findByText('chosen')).toBeTruthy();
  expect(screen.getAllByRole('button').map((b) => b.getAttribute('aria-label'))).toEqual(['Choose way a']);
});

test('what not enough is said where it is planned, with what to buy', async () => {
  const thing = {
    id: 't',
    kind: 'elastic',
    name: 'thin elastic',
    needed: '5.4 m',
    left: '2 m',
    buy: '1 reel of 20 m',
  };
  server.answers = {
    '/bench/short': [
      { ...thing, for: ['Cuffs'] },
      { ...thing, id: 'u', name: 'red', for: ['Frill'] },
    ],
  };
  show(<RunsShortHere name="Cuffs" />);
  expect((await screen.findByText('thin elastic')).closest('p')!.textContent).toBe(
    'thin elastic not enough: buy 1 reel of 20 m',
  );
  expect(screen.queryByText('red')).toBeNull();
});
