import { beforeEach, expect, test, vi } from 'vitest';
import { api, ask, ifMatch, onLookAgain, post, Refused, saysOf } from '../../src/client/api/http';
import { forgetDrafts, onForget, readDraft, writeDraft } from '../../src/client/app/drafts';
import { aboutToKeep, keeping, notKept, useKept } from '../../src/client/app/kept';
import { isAsked, stillToSay } from '../../src/client/parts/ask/asked';
import type { Field, Technique } from '../../src/client/api/types';
import { act, renderHook } from '@testing-library/react';

let sent: { path: string; init: RequestInit }[] = [];
let answer: () => Promise<Response>;

beforeEach(() => {
  sent = [];
  localStorage.clear();
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    sent.push({ path, init });
    return answer();
  });
});

const answers = (body: string, status = 200, type = 'application/json') => {
  answer = () => Promise.resolve(new Response(body, { status, headers: { 'content-type': type } }));
};
const refusal = async (call: Promise<unknown>) => {
  const error: unknown = await call.catch((e: unknown) => e);
  expect(error).toBeInstanceOf(Refused);
  return (error as Refused).problem;
};

test('an ask goes out as JSON with its units, and says from which seat', async () => {
  answers('{"edge":3}');
  expect(await post('reckon/any', { edge: '3 cm' }, { units: 'metric' })).toEqual({ edge: 3 });
  const { path, init } = sent[0]!;
  expect([path, init.method, init.body]).toEqual(['/api/reckon/any?units=metric', 'POST', '{"edge":"3 cm"}']);
  expect(init.headers).toMatchObject({
    'Zr-Seat': expect.stringMatching(/computer|tablet|telephone/) as string,
    'Zr-Refusals': 'answered',
    'content-type': 'application/json',
  });
});

test('a refusal is one whatever its status, with the fields that are wrong', async () => {
  answers(
    '{"title":"Wrong.","errors":{"edge":["No length."]},"missing":["depth"]}',
    200,
    'application/problem+json',
  );
  const problem = await refusal(ask('/api/any'));
  expect(problem).toMatchObject({
    status: 200,
    errors: { edge: ['No length.'] },
    missing: ['depth'],
  });
  expect(saysOf(new Refused(problem))).toBe('No length.');
});

test('what breaks without a word is told by its number, and no answer as what it is', async () => {
  answers('<html>', 502, 'text/html');
  expect(saysOf(new Refused(await refusal(ask('/api/any'))))).toBe('The program reported error 502.');
  answer = () => Promise.reject(new TypeError('failed'));
  expect((await refusal(ask('/api/any'))).status).toBe(0);
});

test('an ask that a newer one overtook is no refusal', async () => {
  const abort = new AbortController();
  answer = () => {
    abort.abort();
    return Promise.reject(new DOMException('aborted', 'AbortError'));
  };
  const error: unknown = await ask('/api/any', { signal: abort.signal }).catch((e: unknown) => e);
  expect(error).not.toBeInstanceOf(Refused);
  expect(() => saysOf(error)).toThrow();
});

test('what may or may not have been kept is looked at as soon as there is an answer again', async () => {
  vi.useFakeTimers();
  const look = vi.fn();
  onLookAgain(look);
  const of = { params: { path: { id: '1' } }, fetch: () => answer() };
  answers('{"title":"Gone.","isUnknown":true}', 503, 'application/problem+json');
  await refusal(api.DELETE('/api/drawer/things/{id}', of));
  await vi.advanceTimersByTimeAsync(6000);
  expect(look).not.toHaveBeenCalled();
  answers('ready');
  await vi.advanceTimersByTimeAsync(2000);
  expect(look).toHaveBeenCalledOnce();

  // What was not kept, or only read, is known.
  answers('{"title":"Held."}', 503, 'application/problem+json');
  await refusal(api.DELETE('/api/drawer/things/{id}', of));
  answer = () => Promise.reject(new TypeError('failed'));
  await refusal(api.GET('/api/drawer/things/{id}', of));
  answers('ready');
  await vi.advanceTimersByTimeAsync(6000);
  expect(look).toHaveBeenCalledOnce();
  vi.useRealTimers();
});

test('a change says on which version it rests', () => expect(ifMatch(7)).toEqual({ 'If-Match': '"7"' }));

test('a draft outlives a reload, an empty one leaves nothing, and an undo takes all of them', () => {
  writeDraft('a', { edge: '3' });
  writeDraft('b', { edge: '4' });
  localStorage.setItem('other', 'stays');
  expect(readDraft('a')).toEqual({ edge: '3' });
  writeDraft('b', {});
  expect(localStorage.getItem('zr.draft.b')).toBeNull();

  const forgotten = vi.fn();
  const stop = onForget(forgotten);
  forgetDrafts();
  expect([readDraft('a'), localStorage.getItem('other')]).toEqual([{}, 'stays']);
  expect(forgotten).toHaveBeenCalledOnce();
  stop();
  forgetDrafts();
  expect(forgotten).toHaveBeenCalledOnce();

  localStorage.setItem('zr.draft.c', '{half');
  expect(readDraft('c')).toEqual({});
});

test('the kept sign first needs: all that runs and all that is typed, and says first what is not kept', async () => {
  const { result } = renderHook(() => useKept());
  let end = () => {};
  await act(async () => {
    aboutToKeep('note', true);
    void keeping(new Promise<void>((resolve) => (end = resolve)));
  });
  expect(result.current.state).toBe('keeping');
  act(() => notKept('edge', 'Can’t reach the program. Is it still running?'));
  expect(result.current).toEqual({ state: 'waiting', says: 'Can’t reach the program. Is it still running?' });
  await act(async () => {
    notKept('edge', null);
    end();
  });
  expect(result.current.state).toBe('keeping');
  act(() => aboutToKeep('note', false));
  expect(result.current.state).toBe('kept');
});

test('a save that fails is no longer running', async () => {
  const { result } = renderHook(() => useKept());
  await act(() => keeping(Promise.reject(new Error('no'))).catch(() => {}));
  expect(result.current.state).toBe('kept');
});

const field = (name: string, shownWhen?: object, start?: unknown) =>
  ({ name, label: name.toUpperCase(), kind: 'choice', start, shownWhen }) as unknown as Field;

test('what hangs on a field that is not asked is not asked either', () => {
  const fields = [
    field('made', undefined, 'edges'),
    field('remnant', { field: 'made', is: 'file', or: ['cushion'] }),
    field('corners', { field: 'remnant', is: 'round' }),
    field('closed', { field: 'made', is: 'cushion', not: true }),
  ];
  const asked = (ask: object) => fields.filter((f) => isAsked(f, ask as never, fields)).map((f) => f.name);
  expect(asked({})).toEqual(['made', 'closed']);
  expect(asked({ remnant: 'round' })).toEqual(['made', 'closed']);
  expect(asked({ made: 'file' })).toEqual(['made', 'remnant', 'closed']);
  expect(asked({ made: 'cushion', remnant: 'round' })).toEqual(['made', 'remnant', 'corners']);
});

test('a plan asks its first question, then names what is still missing', () => {
  const technique = {
    first: { field: 'edge', question: 'How long is the edge?' },
    fields: [field('edge'), field('cord'), field('seam')],
  } as unknown as Technique;
  expect(stillToSay(technique, ['cord', 'edge'])).toBe('How long is the edge?');
  expect(stillToSay(technique, ['cord', 'seam'])).toBe('Still needed: cord, seam.');
  expect(stillToSay(technique, ['elsewhere'])).toBe('Still needed: what is marked above.');
});
