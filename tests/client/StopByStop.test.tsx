import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';
import type { Drawing, Progress, Step } from '../../src/client/api/types';
import { StopByStop } from '../../src/client/views/Machine/StopByStop';
import { StepChecks, StepFacts } from '../../src/client/views/Working/StepChecks';
import { allTicked } from '../../src/client/app/steps';
import { StopList } from '../../src/client/parts/StopList';

const stop = (stitches: number, turn: number, says: string) => ({
  stitches,
  turn,
  needle: turn > 0 ? 'on the right' : 'on the left',
  says,
  near: 0,
});

const step = {
  key: 'round',
  title: 'Sew round the leaf',
  checks: ['The foot is down.', 'Both threads are behind it.'],
  stops: [stop(3, 40, 'Turn to the right.'), stop(2, -90, 'Turn to the left.'), stop(1, 0, 'Tie off.')],
  sets: ['stitch 2.5 mm'],
  minutes: 4,
  place: 'machine',
  picture: { drawing: 'leaf', lit: [] },
} as unknown as Step;

const drawings = [
  {
    name: 'leaf',
    width: 80,
    height: 50,
    shapes: [],
    nears: [{ at: [20, 20], across: 30, turned: 0, label: 'Stop 1' }],
  },
] as unknown as Drawing[];

function open(begin: Progress = {}) {
  const [kept, done, before] = [vi.fn(), vi.fn(), vi.fn()];
  function Held() {
    const [progress, setProgress] = useState<Progress>(begin);
    const keep = (next: Progress, isCount: boolean) => {
      kept(next, isCount);
      setProgress(next);
    };
    return (
      <StopByStop
        step={step}
        drawings={drawings}
        cloth={{} as never}
        progress={progress}
        keep={keep}
        done={done}
        before={before}
      />
    );
  }
  render(<Held />);
  const press = (key: string, times = 1) => {
    for (let i = 0; i < times; i++) fireEvent.keyDown(document.body, { key });
  };
  const count = () => document.querySelector('.stop-count')!.textContent;
  return { kept, done, before, press, count };
}

test('the space bar counts stitch by stitch, stands at the stop, and goes on', () => {
  const { press, count, kept } = open();
  expect(count()).toBe('3stitches to go');
  press(' ', 2);
  expect(count()).toBe('1stitch to go');
  // What is only counted is kept at the next pause.
  expect(kept).toHaveBeenLastCalledWith({ ticked: 2 }, true);
  press(' ');
  expect(count()).toBe('↻ 40°needle down, on the right');
  press(' ');
  expect(kept).toHaveBeenLastCalledWith({ ticked: 0, stop: 1 }, false);
  expect(screen.getByRole('heading').textContent).toContain('stop 2 of 2');
});

test('an arrow goes to the stop at once, and from the last stop on to what comes after', () => {
  const { press, count, done } = open({ stop: 2 });
  expect(screen.getByRole('heading').textContent).toContain('to the end');
  press('ArrowRight');
  expect(count()).toBe('Stop hereend of the line');
  expect(done).not.toHaveBeenCalled();
  press('Enter');
  expect(done).toHaveBeenCalledOnce();
});

test('it goes back stitch by stitch, to the stop before, and out of the first', () => {
  const { press, count, before } = open({ stop: 1, ticked: 1 });
  press('ArrowLeft');
  expect(count()).toBe('2stitches to go');
  press('ArrowLeft');
  // There the stop before is behind her: all its stitches are sewn.
  expect(count()).toBe('↻ 40°needle down, on the right');
  press('Backspace', 4);
  expect(before).toHaveBeenCalledOnce();
});

test('what to do at a stop is read out when it is reached, and not at every stitch', () => {
  const { press } = open();
  const spoken = () => document.querySelector('[role=status]')!.textContent;
  press(' ', 2);
  expect(spoken()).toBe('');
  press(' ');
  expect(spoken()).toBe('Turn to the right.');
});

test('what was kept of another plan is no stop beyond the last', () => {
  const { count } = open({ stop: 9, ticked: 99 });
  expect(count()).toBe('Stop hereend of the line');
});

test('the stops can be sewn from paper', () => {
  render(<StopList step={step} />);
  const rows = [...document.querySelectorAll('tbody tr')].map((r) =>
    [...r.children].map((cell) => cell.textContent),
  );
  expect(rows).toEqual([
    ['1', '3', 'on the right', '↻ 40°'],
    ['2', '2', 'on the left', '↺ 90°'],
    ['end', '1', 'on the left', ''],
  ]);
  document.body.innerHTML = '';
  render(<StopList step={{ ...step, stops: [] }} />);
  expect(document.querySelector('table')).toBeNull();
});

test('checks are ticked one by one, each for its step', () => {
  const tick = vi.fn();
  const progress = { checked: ['cut:0', 'round:1'] };
  render(<StepChecks step={step} progress={progress} tick={tick} />);
  fireEvent.click(screen.getByLabelText('The foot is down.'));
  expect(tick).toHaveBeenLastCalledWith({ checked: ['cut:0', 'round:1', 'round:0'] });
  fireEvent.click(screen.getByLabelText('Both threads are behind it.'));
  expect(tick).toHaveBeenLastCalledWith({ checked: ['cut:0'] });
  expect(allTicked(step, progress)).toBe(false);
  expect(allTicked(step, { checked: ['round:0', 'round:1'] })).toBe(true);
});

test('where a step is done, how long it takes, and what is set for it stand in one line', () => {
  const { container, rerender } = render(<StepFacts step={step} />);
  expect(container.textContent).toBe('sewing machine · about 4 min · stitch 2.5 mm');
  rerender(<StepFacts step={{ ...step, sets: [], minutes: undefined, place: undefined } as never} />);
  expect(container.textContent).toBe('');
});

test('stops at which nothing is turned say what else is done there', () => {
  const folded = {
    ...step,
    stops: [
      stop(6, 0, 'fold back to the left'),
      stop(6, 0, 'fold back to the right'),
      stop(6, 0, 'the last leg'),
    ],
  };
  render(<StopList step={folded} />);
  expect(screen.queryByText('Needle')).toBeNull();
  expect(screen.getAllByRole('row').map((r) => r.textContent)).toEqual([
    'StopAfter stitchesThen',
    '16fold back to the left',
    '26fold back to the right',
    'end6the last leg',
  ]);
});
