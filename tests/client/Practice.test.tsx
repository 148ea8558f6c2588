import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { beforeEach, expect, test, vi } from 'vitest';

/** What is practised, what was tried, and what was sent. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const score = (more: object) => ({
    exercise: 'even',
    stitches: 50,
    mean: 3.1,
    spread: 0.34,
    evenness: 0.8,
    off: 0.6,
    farthest: 2,
    covered: 1,
    piles: 1,
    jumps: 2,
    machine: 500,
    hand: 25.8,
    points: 41.2,
    runAt: 620,
    next: 'Run it at 620 a minute, and leave your hands as they are.',
    ...more,
  });
  const server = {
    score,
    sent: [] as { exercise: string; stitches: number[][] }[],
    refuses: '',
    tries: [
      { id: 'b', exercise: 'even', at: '2026-10-09T19:00:00Z', score: score({ points: 62, spread: 0.2 }) },
      { id: 'a', exercise: 'even', at: '2026-10-03T19:00:00Z', score: score({ points: 20, spread: 0.5 }) },
    ],
    pace: { hand: 24, machine: 600, tries: 4 } as object | null,
  };
  const exercise = (name: string, of: string, more: object = {}) => ({
    name,
    title: `the ${name}`,
    says: `do ${name}`,
    of,
    lines: of === 'pull' ? [] : ['M15 50L145 50'],
    stitch: 2.5,
    machine: 500,
    byKeys: of !== 'line',
    ...more,
  });
  globalThis.fetch = (async (request: Request) => {
    const json = (body: unknown, status = 200) =>
      new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
    const { pathname } = new URL(request.url);
    if (pathname.endsWith('/exercises'))
      return json({
        wide: 160,
        high: 100,
        exercises: [exercise('even', 'line'), exercise('corner', 'corner'), exercise('gather', 'pull')],
      });
    if (request.method === 'POST') {
      const body = (await request.json()) as (typeof server.sent)[number];
      server.sent.push(body);
      if (server.refuses) return json({ title: 'No.', errors: { stitches: [server.refuses] } }, 400);
      return json({ id: 'c', exercise: body.exercise, at: '2026-11-01T10:00:00Z', score: score({}) }, 201);
    }
    if (pathname.endsWith('/practice')) return json({ tries: server.tries, pace: server.pace });
    return json(pathname.endsWith('/workroom') ? { units: 'metric' } : { undo: null, redo: null });
  }) as typeof fetch;
  return server;
});

const { Practice } = await import('../../src/client/views/Practice/Practice');

/** Frames of the screen, run by hand. */
let frames: FrameRequestCallback[] = [];
let now = 0;

beforeEach(() => {
  server.sent.length = 0;
  server.refuses = '';
  frames = [];
  now = 0;
  vi.stubGlobal('Path2D', function Path2D() {});
  vi.stubGlobal('requestAnimationFrame', (f: FrameRequestCallback) => frames.push(f));
  vi.stubGlobal('cancelAnimationFrame', () => {});
  vi.spyOn(performance, 'now').mockReturnValue(0);
  const drawing = new Proxy({}, { get: () => () => undefined, set: () => true });
  HTMLCanvasElement.prototype.getContext = (() => drawing) as never;
});

async function open(path = '/practice') {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route element={<Outlet context={{ open: () => {} }} />}>
            <Route path="/practice" element={<Practice />} />
            <Route path="/practice/:exercise" element={<Practice />} />
          </Route>
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await screen.findByRole('navigation', { name: 'Exercises' });
}

/** Lets the screen run for so many seconds. */
const run = (seconds: number) =>
  act(async () => {
    for (const end = now + seconds * 1000; now < end;) {
      now += 1000 / 60;
      const due = frames;
      frames = [];
      due.forEach((f) => f(now));
    }
  });

const count = () => Number(document.querySelector('[data-stitches]')!.getAttribute('data-stitches'));

test('the exercises stand in their order with the best of each, and the way from try to try is drawn', async () => {
  await open();
  const links = screen.getAllByRole('link').map((l) => l.textContent);
  await waitFor(() => expect(screen.getByLabelText('best: 62 of 100')).toBeTruthy());
  expect(links[0]).toMatch(/^1the even/);
  expect(screen.getByRole('region', { name: 'Your progress' }).textContent).toContain(
    '2 tries. Stitches spread by 50 %',
  );
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Points from try to try: 20, 62');
  expect(screen.getByRole('region', { name: 'Your natural pace' }).textContent).toContain('2.4 mm');
});

test('with the pedal held and a key the machine sews along, and what fell is sent as it fell', async () => {
  await open('/practice/even');
  for (const name of ['Feed dogs down', 'Foot down', 'Bobbin thread up'])
    fireEvent.click(screen.getByLabelText(name));
  const cloth = screen.getByRole('application');
  await run(0.1);
  fireEvent.keyDown(cloth, { key: ' ' });
  fireEvent.keyDown(cloth, { key: 'ArrowRight' });
  await run(3);
  fireEvent.keyUp(cloth, { key: ' ' });
  fireEvent.keyUp(cloth, { key: 'ArrowRight' });
  await run(1);
  expect(count()).toBeGreaterThan(20);

  fireEvent.click(screen.getByText('Finish and score'));
  const says = await screen.findByRole('region', { name: 'Your result' });
  expect(says.textContent).toContain('41of 100');
  expect(says.textContent).toContain('Run it at 620 a minute');
  const [{ exercise, stitches }] = server.sent as [(typeof server.sent)[number]];
  expect(exercise).toBe('even');
  // 22 mm a second at 500 a minute, in a straight line.
  const middle = stitches.slice(6, -3);
  const gaps = middle.slice(1).map((s, i) => s[0]! - middle[i]![0]!);
  expect(gaps.reduce((a, b) => a + b, 0) / gaps.length).toBeCloseTo(2.64, 1);
  expect(middle.every((s) => s[1] === 50)).toBe(true);

  // What was advised is set with one press, and the machine stays made ready.
  fireEvent.click(screen.getByText('Again, at 620'));
  expect(screen.getByRole('slider').getAttribute('value') ?? '620').toBe('620');
  expect((screen.getByLabelText('Foot down') as HTMLInputElement).checked).toBe(true);
});

test('a foot that was forgotten stops it with a word why, and one press mends it', async () => {
  await open('/practice/even');
  fireEvent.click(screen.getByLabelText('Feed dogs down'));
  fireEvent.click(screen.getByLabelText('Bobbin thread up'));
  const cloth = screen.getByRole('application');
  await run(0.1);
  fireEvent.click(screen.getByLabelText('keep pedal down'));
  fireEvent.keyDown(cloth, { key: 'ArrowRight' });
  await run(3);
  expect(screen.getByRole('alert').textContent).toContain('The foot is up.');
  fireEvent.click(screen.getByText('Foot down, and trim'));
  await run(2);
  expect(screen.queryByRole('alert')).toBeNull();
  expect((screen.getByLabelText('Foot down') as HTMLInputElement).checked).toBe(true);
  expect(count()).toBeGreaterThan(12);

  fireEvent.click(screen.getByText('New fabric'));
  fireEvent.click(screen.getByLabelText('keep pedal down'));
  await run(1);
  expect(count()).toBeLessThan(4);
});

test('too little to say anything is told, and what was sewn stays', async () => {
  await open('/practice/corner');
  server.refuses = '8 stitches or more say something; sew a little longer.';
  fireEvent.click(screen.getByLabelText('Foot down'));
  fireEvent.click(screen.getByLabelText('Bobbin thread up'));
  expect(screen.queryByLabelText('Feed dogs down')).toBeNull();
  await run(0.1);
  fireEvent.keyDown(screen.getByRole('application'), { key: ' ' });
  await run(1);
  fireEvent.keyUp(screen.getByRole('application'), { key: ' ' });
  await run(0.6);
  const sewn = count();
  expect(sewn).toBeGreaterThan(2);
  fireEvent.click(screen.getByText('Finish and score'));
  expect((await screen.findByText(/sew a little longer/)).className).toContain('wrong');
  expect(count()).toBe(sewn);
});

test('a gathered edge is pulled up and spread by presses alone, and its parts are sent', async () => {
  await open('/practice/gather');
  const pull = screen.getByText<HTMLButtonElement>('Pull the thread');
  expect(screen.getByText<HTMLButtonElement>('Finish and score').disabled).toBe(true);
  for (let i = 0; i < 80 && !pull.disabled; i++) {
    fireEvent.click(pull);
    for (const part of [11, 8, 5]) fireEvent.click(screen.getByLabelText(new RegExp(`^Part ${part}:`)));
  }
  expect(pull.disabled).toBe(true);
  fireEvent.click(screen.getByText('Finish and score'));
  expect((await screen.findByRole('region', { name: 'Your result' })).textContent).toContain(
    'Parts differ by',
  );
  const { stitches } = server.sent[0]!;
  expect(stitches).toHaveLength(13);
  expect(stitches.at(-1)![0]!).toBeLessThanOrEqual(90);
});

test('an exercise that there is not says so and leads to the first', async () => {
  const queries = new QueryClient();
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={['/practice/juggling']}>
        <Routes>
          <Route element={<Outlet context={{ open: () => {} }} />}>
            <Route path="/practice/:exercise" element={<Practice />} />
          </Route>
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  expect(await screen.findByText('Begin with the first')).toBeTruthy();
});
