import { render } from '@testing-library/react';
import { expect, test } from 'vitest';
import { Measure } from '../../src/client/parts/Measure';

const shown = (text: string) => render(<Measure text={text} />).container.textContent;

test('a fraction keeps apart from its whole number where it is copied, read aloud or printed', () => {
  expect(shown('117 3/16 in')).toBe('117 3/16 in');
  expect(shown('5 yd 1 11/64 in')).toBe('5 yd 1 11/64 in');
  expect(shown('2 × 1 5/16 in × 7/32 in')).toBe('2 × 1 5/16 in × 7/32 in');
});

test('a fraction that has a sign of its own is set by it, and reads back the same', () => {
  expect(shown('36 1/2 in')).toBe('36½ in');
  expect(shown('3/8 in')).toBe('⅜ in');
  expect(shown('cut 1 3/4 yd of it')).toBe('cut 1¾ yd of it');
});

test('what is no length stays as it is', () => {
  expect(shown('two of 1/2 sheets, 24 hours')).toBe('two of 1/2 sheets, 24 hours');
});
