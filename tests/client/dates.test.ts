import { expect, test } from 'vitest';
import { inDays, onDay } from '../../src/client/app/dates';

test('a day is written in the workroom’s own way, whatever the browser’s', () => {
  expect(inDays('2027-05-22', 'metric')).toBe('22 May 2027');
  expect(inDays('2027-05-22', 'imperial')).toBe('May 22, 2027');
  expect(inDays('2027-01-03T00:00:00Z', 'metric')).toBe('3 January 2027');
});

test('a moment is written by its day at this table', () => {
  const at = new Date(2026, 10, 5, 9, 30);
  expect(onDay(at.toISOString(), 'metric')).toBe('5 November 2026');
  expect(onDay(at.toISOString(), 'imperial')).toBe('November 5, 2026');
});
