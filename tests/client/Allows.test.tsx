import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Ask, Plan, Technique } from '../../src/client/api/types';
import { Allows } from '../../src/client/parts/ask/Allows';
import { InSight } from '../../src/client/parts/cut/InSight';

const asked: { path: string; ask: Ask }[] = [];
let answers: Record<string, unknown> = {};

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal('fetch', async (path: string, { body }: RequestInit) => {
    asked.push({ path, ask: JSON.parse(body as string) as Ask });
    return new Response(JSON.stringify({ findings: [], ...answers }), { status: 200 });
  });
});

const turned = (gives: string, sets: string, more = {}) => ({
  form: 'from-cloth',
  needs: 'cloth',
  gives,
  says: `so much ${gives}`,
  sets,
  without: [],
  ...more,
});

function open(ask: Ask, allows: object[], fields: object[] = []) {
  const use = vi.fn();
  const technique = { allows, fields, either: ['spacing', 'grooves'] } as unknown as Technique;
  render(<Allows path="reckon/any" technique={technique} ask={ask} units="metric" use={use} />);
  return use;
}

test('nothing is asked before what it needs is said', () => {
  open({ edge: '1 m' }, [turned('edge', 'edge')]);
  expect(asked).toEqual([]);
  expect(screen.queryByRole('region')).toBeNull();
});

test('a length is taken as it is written, and clears what says the same otherwise', async () => {
  answers = { spacing: { mm: 8.571, text: '8.57 mm' } };
  const use = open({ cloth: '20 cm', grooves: 2 }, [turned('spacing', 'spacing')]);
  await waitFor(() => expect(screen.getByText('8.57 mm')).toBeTruthy());

  fireEvent.click(screen.getByRole('button', { name: 'Use this' }));

  expect(use.mock.calls).toEqual([
    ['grooves', ''],
    ['spacing', '8.57 mm'],
  ]);
});

test('a number is rounded down, a count is whole, and neither is more than its field takes', async () => {
  answers = { full: 4.6999, tucks: 18, most: 9000 };
  const use = open(
    { cloth: '20 cm' },
    [turned('full', 'full'), turned('tucks', 'tucks'), turned('most', 'most')],
    [{ name: 'most', most: 400 }],
  );
  await waitFor(() => expect(screen.getByText('4.69')).toBeTruthy());
  expect(screen.getByText('18')).toBeTruthy();
  expect(screen.getByText('400')).toBeTruthy();

  screen.getAllByRole('button').forEach((b) => fireEvent.click(b));
  expect(use.mock.calls.filter(([f]) => !['spacing', 'grooves'].includes(f as string))).toEqual([
    ['full', 4.69],
    ['tucks', 18],
    ['most', 400],
  ]);
});

test('what it is asked without is left out, and what it cannot give is not shown', async () => {
  answers = {};
  open({ cloth: '20 cm', edge: '1 m' }, [turned('longest', '', { without: ['edge'] })]);
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]).toEqual({ path: '/api/reckon/any/from-cloth?units=metric', ask: { cloth: '20 cm' } });
  expect(screen.queryByText(/so much/)).toBeNull();
});

test('at the foot of a narrow screen stands what is cut, or what is set where nothing is', () => {
  const plan = (more: object) => ({ pieces: [], facts: [], ...more }) as unknown as Plan;
  const piece = {
    key: 'p',
    name: 'strips',
    count: 5,
    length: { mm: 1170, text: '117 cm' },
    depth: { mm: 315, text: '31.5 cm' },
  };
  const { container, rerender } = render(<InSight answer={plan({ pieces: [piece] })} isOld={false} />);
  expect(container.textContent).toBe('strips5 of 117 × 31.5 cm');

  rerender(<InSight answer={plan({ facts: [{ name: 'Set the foot to', text: '25 mm' }] })} isOld={false} />);
  expect(container.textContent).toBe('Set the foot to25 mm');

  rerender(<InSight answer={null} isOld={false} />);
  expect(container.textContent).toBe('');
});

test('a measurement that reaches the most that is planned says that it is the cap, and not what the fabric gives', async () => {
  answers = { full: 7.3 };
  open({ cloth: '20 cm' }, [turned('full', 'full')], [{ name: 'full', most: 6 }]);
  await waitFor(() =>
    expect(screen.getByText(/so much full/).textContent).toBe(
      'so much full 6.00 and more: 6.00 is the most that is planned',
    ),
  );
});

test('what is said but not asked allows nothing: the angle of a border', () => {
  const angle = { name: 'cloth', shownWhen: { field: 'layout', is: 'field', or: [] } };
  open({ cloth: 45, layout: 'border' }, [turned('edge', 'edge')], [angle, { name: 'layout' }]);
  expect(screen.queryByRole('region')).toBeNull();
  expect(asked).toEqual([]);
});
