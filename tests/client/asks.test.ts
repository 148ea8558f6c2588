import { expect, test } from 'vitest';
import { askIn } from '../../src/client/app/askIn';
import { fieldsWithout, groupWithout } from '../../src/client/app/useDraft';
import { startOf } from '../../src/client/app/useTechnique';
import { changesOf } from '../../src/client/parts/swatch/features';
import { said, scaleOf } from '../../src/client/parts/swatch/scale';
import { sizeOf } from '../../src/client/parts/cut/ToCut';

const field = (name: string, kind: string, start?: unknown) => ({ name, kind, start }) as never;

test('a new ask begins with what each field begins with, and of two for one thing with the first', () => {
  const fields = [
    field('edge', 'length'),
    field('fullness', 'number', 2),
    field('depth', 'fine', '8 mm'),
    field('closed', 'flag', false),
    field('none', 'number', null),
  ];
  expect(startOf({ fields, either: ['fullness', 'depth'] })).toEqual({ fullness: 2, closed: false });
});

test('an address is read as its fields take it; what is no number stays as it was typed', () => {
  const fields = [field('edge', 'length'), field('full', 'number'), field('ring', 'flag')];
  const read = (query: string) => askIn({ fields }, new URLSearchParams(query));
  expect(read('edge=2.6+m&full=2.2&ring=true&other=1')).toEqual({ edge: '2.6 m', full: 2.2, ring: true });
  expect(read('full=two&ring=no')).toEqual({ full: 'two', ring: false });
});

test('what was kept leaves a draft, and what was typed over it since stays', () => {
  expect(fieldsWithout({ a: 1, b: [1, 2], c: 'x' }, { a: 1, b: [1, 2], c: 'y' })).toEqual({ c: 'x' });
  const left = groupWithout('ask')<{ ask?: Record<string, unknown>; name?: string }>(
    { ask: { edge: '2 m', depth: '9 cm' }, name: 'Frill' },
    { ask: { edge: '2 m', depth: '8 cm' }, name: 'Frill' },
  );
  expect(left).toEqual({ ask: { depth: '9 cm' } });
});

test('settings differ from the usual where nothing was said', () => {
  const knobs = [
    { name: 'stitch', usual: 4 },
    { name: 'tension', usual: 0 },
  ] as never[];
  const names = (now: object, before: object) =>
    changesOf(now as never, before as never, knobs).map((k: { name: string }) => k.name);
  expect(names({ stitch: 4 }, {})).toEqual([]);
  expect(names({ stitch: 4.5, tension: 1 }, { tension: 1 })).toEqual(['stitch']);
});

test('a scale reaches as far as its figures, in whole steps, and no further than can be read', () => {
  const fullness = { title: 'Fullness', unit: '', places: 2, least: 1, most: 4, step: 0.5 };
  expect(scaleOf(fullness, [1.4, 2]).domain()).toEqual([1, 4]);
  expect(scaleOf(fullness, [4.2]).domain()).toEqual([1, 4.5]);
  expect(scaleOf(fullness, [90])(90)).toBe(100);
  expect(scaleOf({ ...fullness, least: 0.8, most: 1.2, step: 0.05 }, [0.74]).domain()[0]).toBeCloseTo(0.7);
  expect(said(0.954, { places: 3 })).toBe('0.954');
});

test('two figures share their unit where they have one', () => {
  const of = (length: string, depth?: string) =>
    sizeOf({ length: { mm: 0, text: length }, depth: depth ? { mm: 0, text: depth } : undefined });
  expect(of('117 cm', '31.5 cm')).toEqual({ figures: '117 × 31.5', unit: 'cm' });
  expect(of('1.2 m', '31.5 cm')).toEqual({ figures: '120 × 31.5', unit: 'cm' });
  expect(of('46 1/2 in')).toEqual({ figures: '46 1/2 in', unit: '' });
});
