import { renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Answer } from '../../src/client/api/types';
import { useReckoning, wrongAt } from '../../src/client/app/useReckoning';

type Told = Answer & { edge?: string };

/** Each request as it was sent, answered when the test says so. */
const asked: { path: string; ask: unknown; answer: (status: number, body: unknown) => void }[] = [];

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal('fetch', (path: string, { body, signal }: RequestInit) => {
    return new Promise<Response>((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('gone', 'AbortError')));
      asked.push({
        path,
        ask: JSON.parse(body as string),
        answer: (status, json) => resolve(new Response(JSON.stringify(json), { status })),
      });
    });
  });
});

const open = (ask: Record<string, unknown>, path: string | null = 'reckon/any', also = '') =>
  renderHook((props) => useReckoning<Told>(props.path, props.ask, 'metric', 'understood', props.also), {
    initialProps: { ask, path, also },
  });

test('the answer is that of the newest ask, even when an older one comes late', async () => {
  const { result, rerender } = open({ edge: '1 m' });
  rerender({ ask: { edge: '2 m' }, path: 'reckon/any', also: '' });
  await waitFor(() => expect(asked).toHaveLength(2));
  asked[1]!.answer(200, { findings: [], edge: '2 m', understood: { edge: { mm: 2000, text: '2 m' } } });
  asked[0]!.answer(200, { findings: [], edge: '1 m' });

  await waitFor(() => expect(result.current.answer?.edge).toBe('2 m'));
  expect(result.current.understood.edge!.mm).toBe(2000);
  expect(result.current.isOld).toBe(false);
  expect(asked[1]!.path).toBe('/api/reckon/any?units=metric&with=understood');
});

test('while a field is wrong the last answer stays and is called old; what is missing is not wrong yet', async () => {
  const { result, rerender } = open({ edge: '1 m' });
  await waitFor(() => expect(asked).toHaveLength(1));
  asked[0]!.answer(200, { findings: [], edge: '1 m' });
  await waitFor(() => expect(result.current.answer?.edge).toBe('1 m'));

  rerender({ ask: { edge: 'one' }, path: 'reckon/any', also: '' });
  await waitFor(() => expect(asked).toHaveLength(2));
  asked[1]!.answer(400, {
    title: 'Some entries need correcting.',
    errors: { edge: ['No length.'], depth: ['Depth is missing.'] },
    missing: ['depth'],
  });

  await waitFor(() => expect(result.current.isOld).toBe(true));
  expect(result.current.answer?.edge).toBe('1 m');
  expect(wrongAt(result.current, 'edge')).toBe('No length.');
  expect(wrongAt(result.current, 'depth')).toBeUndefined();
  expect(result.current.unreachable).toBeNull();
});

test('the same ask is not asked twice, unless something else that it rests on has changed', async () => {
  const { rerender } = open({ edge: '1 m' });
  rerender({ ask: { edge: '1 m' }, path: 'reckon/any', also: '' });
  await waitFor(() => expect(asked).toHaveLength(1));
  rerender({ ask: { edge: '1 m' }, path: 'reckon/any', also: 'a swatch' });

  await waitFor(() => expect(asked).toHaveLength(2));
});

test('nothing is asked without a path, and a silence is said', async () => {
  const { result, rerender } = open({ edge: '1 m' }, null);
  expect(asked).toHaveLength(0);
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('refused')));
  rerender({ ask: { edge: '1 m' }, path: 'reckon/any', also: '' });

  await waitFor(() =>
    expect(result.current.unreachable).toBe('Can’t reach the program. Is it still running?'),
  );
  expect(result.current.answer).toBeNull();
});
