import { expect, test } from 'vitest';
import { overruled } from '../../src/client/app/overruled';

const was = { edge: '2 m', depth: '20 cm', rows: 'two' };

test('a field that only one seat changed is overruled by nobody', () => {
  expect(overruled(was, { ...was, depth: '30 cm' }, { edge: '3 m' })).toEqual([]);
  expect(overruled(was, was, { edge: '3 m' })).toEqual([]);
});

test('of a field that both changed it is said what the other one said, and what stands', () => {
  expect(overruled(was, { ...was, edge: '2.4 m', depth: '30 cm' }, { edge: '2.6 m' })).toEqual([
    { field: 'edge', theirs: '2.4 m', mine: '2.6 m' },
  ]);
});

test('both saying the same is no trouble, and taking a field out is a word too', () => {
  expect(overruled(was, { ...was, edge: '2.6 m' }, { edge: '2.6 m' })).toEqual([]);
  expect(overruled(was, { edge: '2 m', depth: '20 cm' }, { rows: 'three' })).toEqual([
    { field: 'rows', theirs: null, mine: 'three' },
  ]);
  expect(overruled(was, { ...was, rows: 'three' }, { rows: null })).toEqual([
    { field: 'rows', theirs: 'three', mine: null },
  ]);
});
