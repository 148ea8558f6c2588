import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Refused } from '../../src/client/api/http';
import { readDraft, writeDraft } from '../../src/client/app/drafts';
import { keepNow } from '../../src/client/app/kept';
import { useNotice } from '../../src/client/app/notice';
import { groupWithout, useDraft } from '../../src/client/app/useDraft';

type Draft = { name?: string; cloth?: { colour: string }; ask?: Record<string, unknown> };

const refusal = (status: number, errors?: Record<string, string[]>) =>
  new Refused({ status, title: 'No.', errors });

/** A draft that is kept by `save`. */
function open(save: (typed: Draft) => Promise<unknown>, name = 'draft', isReady = true) {
  const overtaken = vi.fn();
  const hook = renderHook(
    ({ isReady }) =>
      useDraft<Draft>(name, {
        isReady,
        save,
        without: groupWithout('ask'),
        overtaken,
        group: 'ask',
        isMendable: (field) => !['cloth.colour', 'lost'].includes(field),
      }),
    { initialProps: { isReady } },
  );
  const type = (field: string, is: unknown) =>
    act(() => hook.result.current.change((now) => ({ ...now, ask: { ...now.ask, [field]: is } })));
  return { ...hook, overtaken, type };
}

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  localStorage.clear();
});
afterEach(() => vi.useRealTimers());

test('what was typed just now is kept before anything else goes on', async () => {
  const save = vi.fn(async () => {});
  const { type } = open(save);
  type('fullness', 3);
  expect(save).not.toHaveBeenCalled();
  await act(() => keepNow());
  expect(save).toHaveBeenCalledExactlyOnceWith({ ask: { fullness: 3 } });
  expect(readDraft('draft')).toEqual({});
});

test('what is typed is kept after a pause, once, and is then no draft any more', async () => {
  const save = vi.fn(async () => {});
  const { result, type } = open(save);
  type('edge', '2');
  type('edge', '2.6');
  type('edge', '2.6 m');
  expect(readDraft<Draft>('draft').ask).toEqual({ edge: '2.6 m' });
  expect(save).not.toHaveBeenCalled();

  await act(() => vi.advanceTimersByTimeAsync(500));

  expect(save).toHaveBeenCalledExactlyOnceWith({ ask: { edge: '2.6 m' } });
  expect(result.current.draft).toEqual({});
  expect(readDraft('draft')).toEqual({});
});

test('what is typed while the last is on its way goes after it, and nothing of it is lost', async () => {
  let answer = () => {};
  const save = vi.fn(() => new Promise<void>((done) => (answer = done)));
  const { type, result } = open(save);
  type('edge', '1 m');
  await act(() => vi.advanceTimersByTimeAsync(500));
  type('edge', '2 m');
  type('depth', '20 cm');
  await act(async () => answer());

  await waitFor(() => expect(save).toHaveBeenCalledTimes(2));
  expect(save).toHaveBeenLastCalledWith({ ask: { edge: '2 m', depth: '20 cm' } });
  expect(result.current.draft).toEqual({ ask: { edge: '2 m', depth: '20 cm' } });
});

test('a draft that a reload left behind is shown and kept', async () => {
  localStorage.setItem('zr.draft.left', JSON.stringify({ ask: { edge: '3 m' } }));
  const first = open(async () => {
    throw refusal(0);
  }, 'left');
  first.type('edge', '3 m');
  first.unmount();
  const save = vi.fn(async () => {});

  const second = open(save, 'left');

  expect(second.result.current.draft).toEqual({ ask: { edge: '3 m' } });
  await waitFor(() => expect(save).toHaveBeenCalledWith({ ask: { edge: '3 m' } }));
});

test('without an answer it is tried again until there is one', async () => {
  const save = vi
    .fn<(typed: Draft) => Promise<void>>()
    .mockRejectedValueOnce(refusal(0))
    .mockRejectedValueOnce(refusal(503))
    .mockResolvedValue();
  const { type, result } = open(save);
  type('edge', '2 m');

  await act(() => vi.advanceTimersByTimeAsync(500));
  expect(result.current.draft).toEqual({ ask: { edge: '2 m' } });
  await act(() => vi.advanceTimersByTimeAsync(7000));

  expect(save).toHaveBeenCalledTimes(3);
  expect(result.current.draft).toEqual({});
});

test('a field that is wrong stays as it was typed, says why, and holds up no other', async () => {
  const save = vi.fn(async ({ ask }: Draft) => {
    if (ask && 'edge' in ask) throw refusal(400, { edge: ['No length.'] });
  });
  const { type, result } = open(save);
  type('edge', '2 metres or so');
  type('depth', '20 cm');

  await act(() => vi.advanceTimersByTimeAsync(500));

  expect(save).toHaveBeenLastCalledWith({ ask: { depth: '20 cm' } });
  expect(result.current.errors).toEqual({ edge: 'No length.' });
  expect(result.current.draft).toEqual({ ask: { edge: '2 metres or so' } });
});

test('where another device was first, its version is taken over and what was typed goes on top', async () => {
  const save = vi
    .fn<(typed: Draft) => Promise<void>>()
    .mockRejectedValueOnce(refusal(412))
    .mockResolvedValue();
  const { type, overtaken, result } = open(save);
  type('edge', '2 m');

  await act(() => vi.advanceTimersByTimeAsync(500));

  expect(overtaken).toHaveBeenCalledOnce();
  expect(save).toHaveBeenCalledTimes(2);
  expect(result.current.draft).toEqual({});
});

test('nothing is sent before there is something to change, and leaving the view sends what waits', async () => {
  const save = vi.fn(async () => {});
  const { type, rerender, unmount } = open(save, 'draft', false);
  type('edge', '2 m');
  await act(() => vi.advanceTimersByTimeAsync(5000));
  expect(save).not.toHaveBeenCalled();

  rerender({ isReady: true });
  await waitFor(() => expect(save).toHaveBeenCalledOnce());
  type('depth', '9 cm');
  unmount();

  await waitFor(() => expect(save).toHaveBeenLastCalledWith({ ask: { depth: '9 cm' } }));
});

test('what stands in the browser’s storage and is no draft is none', () => {
  for (const strange of ['null', '[1]', '"text"', '{"ask":']) {
    localStorage.setItem('zr.draft.strange', strange);
    expect(readDraft('strange')).toEqual({});
  }
});

test('what another page left behind goes together with what is typed here, field by field', async () => {
  const save = vi.fn(async () => {});
  localStorage.setItem('zr.draft.draft#other', JSON.stringify({ ask: { edge: '3.33 m' } }));
  const { type } = open(save, 'draft', false);
  type('seam', '22 mm');
  const all = { ask: { edge: '3.33 m', seam: '22 mm' } };
  expect(readDraft('draft')).toEqual(all);

  // Left while this one is open.
  localStorage.setItem('zr.draft.draft', JSON.stringify({ name: 'Frill' }));
  act(() => void dispatchEvent(new StorageEvent('storage', { key: 'zr.draft.draft', newValue: '{}' })));
  expect(readDraft('draft')).toEqual({ ...all, name: 'Frill' });
});

test('a part of a draft that fits no more is named, can be dropped and holds up nothing else', async () => {
  const save = vi.fn(async ({ cloth, ask }: Draft) => {
    if (cloth) throw refusal(400, { 'cloth.colour': ['No colour.'] });
    if (ask && 'lost' in ask) throw refusal(400, { lost: ['No field.'] });
  });
  writeDraft('draft', { cloth: { colour: 'red' } });
  const { type, result } = open(save);
  const notice = renderHook(() => useNotice());
  type('depth', '20 cm');
  await act(() => vi.advanceTimersByTimeAsync(500));

  expect(save).toHaveBeenCalledWith({ ask: { depth: '20 cm' } });
  expect(notice.result.current?.says).toContain('cloth.colour');
  act(() => notice.result.current?.action?.run());
  expect(result.current.draft).toEqual({});
  expect(readDraft('draft')).toEqual({});
});
