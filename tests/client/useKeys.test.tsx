import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { keysNow, useKeys, type Key } from '../../src/client/app/keys';

const key = (keys: string[], run: () => void): Key => ({ keys, shown: keys[0]!, says: 'does it', run });

function Part({ keys, children }: { keys: Key[]; children?: React.ReactNode }) {
  useKeys(keys);
  return children;
}

test('a key runs what it stands for, whatever its case', () => {
  const run = vi.fn();
  render(<Part keys={[key(['u', 'Ctrl+z'], run)]} />);

  fireEvent.keyDown(document.body, { key: 'U' });
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
  fireEvent.keyDown(document.body, { key: 'z', metaKey: true });
  expect(run).toHaveBeenCalledTimes(3);

  fireEvent.keyDown(document.body, { key: 'z' });
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true, shiftKey: true });
  fireEvent.keyDown(document.body, { key: 'u', altKey: true });
  expect(run).toHaveBeenCalledTimes(3);
});

test('what is typed into a field is no key, and neither is what presses a button', () => {
  const run = vi.fn();
  render(
    <Part keys={[key(['n', ' '], run)]}>
      <input aria-label="name" />
      <textarea aria-label="note" />
      <input type="checkbox" aria-label="done" />
      <button type="button">
        <b>press</b>
      </button>
    </Part>,
  );

  for (const name of ['name', 'note']) fireEvent.keyDown(screen.getByLabelText(name), { key: 'n' });
  fireEvent.keyDown(screen.getByText('press'), { key: ' ' });
  expect(run).not.toHaveBeenCalled();

  // A tick takes the space bar only.
  fireEvent.keyDown(screen.getByLabelText('done'), { key: 'n' });
  fireEvent.keyDown(screen.getByText('press'), { key: 'n' });
  expect(run).toHaveBeenCalledTimes(2);
});

test('the innermost part has a key first, and gives it back when it goes', () => {
  const [outer, inner] = [vi.fn(), vi.fn()];
  const { rerender } = render(
    <Part keys={[key(['n'], outer)]}>
      <Part keys={[key(['n'], inner)]} />
    </Part>,
  );
  fireEvent.keyDown(document.body, { key: 'n' });
  expect([outer.mock.calls.length, inner.mock.calls.length]).toEqual([0, 1]);
  expect(keysNow()).toHaveLength(2);

  rerender(<Part keys={[key(['n'], outer)]} />);
  fireEvent.keyDown(document.body, { key: 'n' });
  expect([outer.mock.calls.length, inner.mock.calls.length]).toEqual([1, 1]);
  expect(keysNow()).toHaveLength(1);
});

test('what a key does is what it does now, not what it did when the view was opened', () => {
  const [before, after] = [vi.fn(), vi.fn()];
  const { rerender } = render(<Part keys={[key(['n'], before)]} />);
  rerender(<Part keys={[key(['n'], after)]} />);

  fireEvent.keyDown(document.body, { key: 'n' });

  expect(before).not.toHaveBeenCalled();
  expect(after).toHaveBeenCalledOnce();
});

test.each(['dialog', 'menu'])('while a %s is open its keys are its own', (role) => {
  const run = vi.fn();
  const { rerender } = render(
    <Part keys={[key(['n'], run)]}>
      <div role={role} data-state="open" />
    </Part>,
  );
  fireEvent.keyDown(document.body, { key: 'n' });
  expect(run).not.toHaveBeenCalled();

  rerender(<Part keys={[key(['n'], run)]} />);
  fireEvent.keyDown(document.body, { key: 'n' });
  expect(run).toHaveBeenCalledOnce();
});
