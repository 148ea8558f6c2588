import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, test, vi } from 'vitest';
import type { Answer, Ask } from '../../src/client/api/types';

/** The pace that is kept. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = { pace: { hand: 24, machine: 600, tries: 4 } as object | null };
  globalThis.fetch = (async () =>
    new Response(JSON.stringify({ tries: [], pace: server.pace }), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    })) as typeof fetch;
  return server;
});

const { PracticePace } = await import('../../src/client/techniques/free-motion/PracticePace');

async function open(ask: Ask, told: object = {}) {
  const set = vi.fn();
  const queries = new QueryClient();
  const { container } = render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <PracticePace answer={told as unknown as Answer} ask={ask} set={set} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await waitFor(() => expect(queries.isFetching()).toBe(0));
  return { set, text: () => container.textContent };
}

test('the pace goes into the plan as two of the three, and the third is let go', async () => {
  const { set, text } = await open({ stitchLength: '2 mm' }, { handSpeed: 20, machineSpeed: 600 });
  expect(text()).toContain('24 mm a second with the machine at 600: stitches of 2.4 mm');
  fireEvent.click(screen.getByText('Plan with it'));
  expect(set.mock.calls).toEqual([
    ['stitchLength', ''],
    ['machineSpeed', 600],
    ['handSpeed', 24],
  ]);
});

test('what is planned already is not offered again', async () => {
  const { text } = await open({}, { handSpeed: 24, machineSpeed: 600 });
  expect(text()).toContain('✓ used in the plan');
  expect(screen.queryByRole('button')).toBeNull();
});

test('satin is sewn with slow hands, whatever pace they keep in a line', async () => {
  const { text } = await open({ stitchWidth: '3 mm' });
  expect(text()).toBe('');
});

test('without an even try it leads to where one is made', async () => {
  server.pace = null;
  await open({});
  expect(screen.getByRole('link').getAttribute('href')).toBe('/practice');
});
