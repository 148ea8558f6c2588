import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';

type Sent = { method: string; path: string; version: string | null; body: Record<string, unknown> };

/** A server of one working with two swatches. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = {
    sent: [] as Sent[],
    swatches: [] as { id: string; version: number; note: string }[],
    /** Answers the next requests that change something in its stead. */
    next: [] as ((() => Response) | null)[],
  };
  const json = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  globalThis.fetch = (async (request: Request) => {
    const path = new URL(request.url).pathname;
    if (request.method === 'GET')
      return json(path.endsWith('/swatches') ? server.swatches : { undo: null, redo: null });
    const text = await request.text();
    server.sent.push({
      method: request.method,
      path,
      version: request.headers.get('If-Match'),
      body: text ? (JSON.parse(text) as Record<string, unknown>) : {},
    });
    const instead = server.next.shift();
    if (instead) return instead();
    const swatch = server.swatches.find((s) => path.endsWith(s.id));
    if (request.method === 'DELETE') server.swatches = server.swatches.filter((s) => s !== swatch);
    else if (swatch) {
      if (request.headers.get('If-Match') !== `"${swatch.version}"`)
        return json({ title: 'Changed in the meantime.' }, 412);
      server.swatches = server.swatches.map((s) =>
        s === swatch ? { ...s, ...(JSON.parse(text) as object), version: s.version + 1 } : s,
      );
    } else
      server.swatches = [
        ...server.swatches,
        { note: '', ...(JSON.parse(text) as { id: string }), version: 1 },
      ];
    return request.method === 'DELETE' ? new Response(null, { status: 204 }) : json({});
  }) as typeof fetch;
  return { ...server, get: () => server, json };
});

const { useSwatches } = await import('../../src/client/parts/swatch/useSwatches');
const { useKept } = await import('../../src/client/app/kept');
const { useNotice } = await import('../../src/client/app/notice');

const now = server.get();

beforeEach(() => {
  now.sent.length = 0;
  now.next.length = 0;
  now.swatches = [
    { id: 'a', version: 3, note: '' },
    { id: 'b', version: 1, note: '' },
  ];
});
afterEach(() => vi.useRealTimers());

async function open() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const hook = renderHook(() => ({ ...useSwatches('w', 'metric'), kept: useKept(), notice: useNotice() }), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    ),
  });
  await waitFor(() => expect(hook.result.current.swatches).toHaveLength(2));
  return hook.result;
}

test('changes of one swatch go one after the other, each on the version that the last one left', async () => {
  const swatches = await open();

  await act(() =>
    Promise.all([
      swatches.current.change('a', { note: 'first' }),
      swatches.current.change('a', { verdict: 'nearly' }),
      swatches.current.change('a', { note: 'second' }),
    ]),
  );

  expect(now.sent.map((s) => s.version)).toEqual(['"3"', '"4"', '"5"']);
  await waitFor(() => expect(swatches.current.swatches![0]).toMatchObject({ note: 'second', version: 6 }));
  expect(swatches.current.kept.state).toBe('kept');
});

test('where another device was first, its version is read and the change goes on top, once', async () => {
  const swatches = await open();
  // Changed on the telephone since it was read.
  now.swatches = now.swatches.map((s) => ({ ...s, version: 9 }));

  let wrong: unknown;
  await act(async () => (wrong = await swatches.current.change('a', { note: 'mine' })));

  expect(now.sent.map((s) => s.version)).toEqual(['"3"', '"9"']);
  expect(now.swatches[0]).toMatchObject({ note: 'mine', version: 10 });
  expect(wrong).toEqual({});
});

test('a reading that cannot be is told at its field, and the next change still goes', async () => {
  const swatches = await open();
  now.next.push(() =>
    server.json({ title: 'No.', errors: { 'readings.flat[0]': ['A length is above 0.'] } }, 400),
  );

  let wrong: unknown;
  await act(async () => (wrong = await swatches.current.change('a', { readings: { flat: ['-3 cm'] } })));
  expect(wrong).toEqual({ 'readings.flat[0]': ['A length is above 0.'] });
  expect(swatches.current.kept.state).toBe('kept');

  await act(() => swatches.current.change('a', { note: 'after it' }));
  expect(now.swatches[0]!.note).toBe('after it');
});

test('without an answer each part says so and the sign does too, until it is kept', async () => {
  const swatches = await open();
  now.next.push(() => {
    throw new TypeError('no network');
  });

  let wrong: Record<string, string[]> = {};
  await act(async () => (wrong = await swatches.current.change('a', { note: 'x', verdict: 'yes' })));
  expect(Object.keys(wrong)).toEqual(['note', 'verdict']);
  expect(wrong.note![0]).toContain('Not saved');
  expect(swatches.current.kept).toEqual({
    state: 'waiting',
    says: 'A swatch isn’t saved yet: no connection',
  });

  await act(async () => (wrong = await swatches.current.change('a', { note: 'x', verdict: 'yes' })));
  expect(wrong).toEqual({});
  expect(swatches.current.kept.state).toBe('kept');
});

test('one that is added or simulated is there at once, with an id that the client made', async () => {
  const swatches = await open();

  await act(() => swatches.current.add({ id: 'c', workingId: 'w' } as never));
  await act(() => swatches.current.simulate('w', { stitchLength: 4 }, { Needle: 'universal 80' }));

  await waitFor(() => expect(swatches.current.swatches).toHaveLength(4));
  expect(now.sent[1]!.path).toBe('/api/swatches/simulated');
  expect(now.sent[1]!.body).toMatchObject({ workingId: 'w', features: { stitchLength: 4 }, flat: 300 });
  // Of the time it was made: ids are in order.
  expect(now.sent[1]!.body.id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/);
});

test('one that is deleted is gone, and the line at the foot takes it back', async () => {
  const swatches = await open();

  await act(() => swatches.current.remove('b'));

  await waitFor(() => expect(swatches.current.swatches!.map((s) => s.id)).toEqual(['a']));
  expect(swatches.current.notice).toMatchObject({ says: 'Swatch deleted.', action: { label: 'Undo' } });
  await act(async () => swatches.current.notice!.action!.run());
  await waitFor(() => expect(swatches.current.notice!.says).toBe('There is nothing to undo.'));
});
