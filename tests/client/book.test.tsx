import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, test, vi } from 'vitest';
import type { CardAnswer, Field, Step, ThingKind } from '../../src/client/api/types';
import { PropertyField } from '../../src/client/parts/PropertyField';
import { StitchPad } from '../../src/client/parts/StitchPad';
import { AddThings } from '../../src/client/views/Drawer/AddThings';
import { ThingPicture } from '../../src/client/views/Drawer/ThingPicture';
import { StepFacts } from '../../src/client/views/Working/StepChecks';

/** A server of one drawer. Stands before the client is loaded, which takes its fetch once. */
const server = vi.hoisted(() => {
  const server = { sent: [] as { kind: string; name: string; properties: Record<string, unknown> }[] };
  globalThis.fetch = (async (request: Request) => {
    const path = new URL(request.url).pathname;
    if (request.method === 'POST') server.sent.push((await request.json()) as (typeof server.sent)[number]);
    const things = ['window machine', 'shed machine'].map((name) => ({
      id: name,
      kind: 'machine',
      name,
      version: 1,
      properties: {},
      understood: {},
    }));
    return new Response(JSON.stringify(path === '/api/drawer' ? { things, tried: [] } : {}), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    });
  }) as typeof fetch;
  return server;
});

beforeEach(() => {
  localStorage.clear();
  server.sent.length = 0;
});

const shown = (children: ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>{children}</MemoryRouter>
    </QueryClientProvider>,
  );

const field = (name: string, kind: string, more: Partial<Field> = {}) =>
  ({ name, label: name, says: '', kind, isNeeded: false, from: '', ...more }) as Field;

test('a name of a thing is chosen among those that are owned, and one that is gone stays said', async () => {
  const set = vi.fn();
  const on = field('onMachine', 'name', { label: 'On the machine', names: 'machine' });
  shown(<PropertyField field={on} value="attic machine" set={set} units="metric" />);
  const select = screen.getByLabelText<HTMLSelectElement>('On the machine');
  await waitFor(() => expect(select.options).toHaveLength(4));
  expect(select.value).toBe('attic machine');

  fireEvent.change(select, { target: { value: 'shed machine' } });
  expect(set).toHaveBeenLastCalledWith('shed machine');
  fireEvent.change(select, { target: { value: '' } });
  expect(set).toHaveBeenLastCalledWith(null);
});

test('any other name is typed', () => {
  const set = vi.fn();
  shown(<PropertyField field={field('number', 'name')} value="A7" set={set} units="metric" />);
  const input = screen.getByLabelText<HTMLInputElement>('number');
  expect(input.value).toBe('A7');
  fireEvent.change(input, { target: { value: 'A8' } });
  expect(set).toHaveBeenLastCalledWith('A8');
});

const starter = (name: string) => ({
  name,
  says: '',
  properties: { look: name },
  drawing: {
    says: '',
    width: 20,
    height: 8,
    shapes: [
      {
        kind: 'path',
        path: 'M0 4L20 4',
        stitches: { length: 5, width: 4, repeat: { paths: ['M0 0L5 0'], length: 5 } },
      },
    ],
  },
});

const stitches = {
  name: 'machine-stitch',
  title: 'stitch',
  plural: 'stitches',
  says: '',
  fields: [
    field('onMachine', 'name', { label: 'On the machine', names: 'machine' }),
    field('look', 'choice'),
  ],
  starters: [starter('wave'), starter('scallop'), starter('cross')],
  measured: [],
} as unknown as ThingKind;

test('usual stitches are ticked by their pictures and put in for the machine that sews them', async () => {
  const close = vi.fn();
  shown(<AddThings kind={stitches} close={close} />);
  expect(document.querySelectorAll('li svg')).toHaveLength(3);
  fireEvent.change(await screen.findByLabelText('On the machine'), { target: { value: 'shed machine' } });
  fireEvent.click(screen.getByLabelText(/wave/));
  fireEvent.click(screen.getByLabelText(/cross/));
  fireEvent.click(screen.getByText('Add these 2'));

  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(server.sent.map((s) => [s.kind, s.name, s.properties])).toEqual([
    ['machine-stitch', 'wave', { look: 'wave', onMachine: 'shed machine' }],
    ['machine-stitch', 'cross', { look: 'cross', onMachine: 'shed machine' }],
  ]);
});

test('what belongs to nothing is put in as it is', async () => {
  const cords = {
    ...stitches,
    name: 'cord',
    title: 'cord',
    plural: 'cords',
    fields: [field('diameter', 'fine')],
    starters: [{ name: 'fine cord', says: '', properties: { diameter: 1 }, drawing: null }],
  } as unknown as ThingKind;
  shown(<AddThings kind={cords} close={() => {}} />);
  expect(screen.queryByRole('combobox')).toBeNull();
  fireEvent.click(screen.getByLabelText(/fine cord/));
  fireEvent.click(screen.getByText('Add'));
  await waitFor(() => expect(server.sent).toHaveLength(1));
  expect(server.sent[0]!.properties).toEqual({ diameter: 1 });
});

const line = (key: string, figure: string, dial: string) =>
  ({ key, setting: key, figure, dial, because: '' }) as CardAnswer['lines'][number];
const step = { key: 's', checks: [], stops: [], sets: ['length 3 mm', 'width 4 mm'] } as unknown as Step;

test('a step says what this machine really gives for what it sets, and nothing where it sets something else', () => {
  const card = {
    lines: [
      line('length', '3 mm', 'set 2.9 mm: this machine gives 2.99 mm there'),
      line('width', '5 mm', 'set 5.2 mm: this machine gives 5 mm there'),
      line('needle-tension', '3 mm', 'set 4'),
    ],
  } as CardAnswer;
  const { rerender, container } = render(<StepFacts step={step} card={card} />);
  expect(container.textContent).toContain('length 3 mm (set 2.9 mm: this machine gives 2.99 mm there)');
  // The card speaks of another width, so nothing is said of this one.
  expect(container.textContent).not.toContain('5.2');
  expect(container.textContent).not.toContain('set 4');

  rerender(<StepFacts step={step} card={{ lines: [line('length', '3 mm', 'longest')] } as CardAnswer} />);
  expect(container.textContent).not.toContain('longest');
  rerender(<StepFacts step={step} card={null} />);
  expect(container.textContent).toContain('length 3 mm · width 4 mm');
});

test('a stitch and a ribbon are shown as they look', () => {
  const thing = (kind: string, more: object) =>
    ({
      id: kind,
      kind,
      name: kind,
      properties: {},
      understood: {},
      version: 1,
      drawing: null,
      ...more,
    }) as never;
  const { container, rerender } = render(
    <ThingPicture thing={thing('machine-stitch', { drawing: starter('wave').drawing })} />,
  );
  expect(container.querySelectorAll('path').length).toBeGreaterThan(1);
  rerender(<ThingPicture thing={thing('machine-stitch', {})} />);
  expect(container.querySelector('svg')).toBeNull();
  rerender(
    <ThingPicture
      thing={thing('ribbon', {
        properties: { colour: '#204060' },
        understood: { width: { mm: 5, text: '5 mm' } },
      })}
    />,
  );
  expect(container.querySelector('path')!.getAttribute('fill')).toBe('#204060');
});

test('a picture that came from elsewhere is shown by its corners, and one back takes the last away', () => {
  const set = vi.fn();
  render(
    <StitchPad label="Stitch picture" says="" value="M0 0C1 2 3 2 4 0L8 -1" set={set} length={8} width={6} />,
  );
  expect(screen.getByRole('application').getAttribute('aria-label')).toContain('3 places');
  fireEvent.click(screen.getByText('One back'));
  expect(set).toHaveBeenLastCalledWith('M0 0L4 0');
});
