import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { expect, test } from 'vitest';

const root = resolve(import.meta.dirname, '../..');
const client = join(root, 'src/client');

/** Every file below a folder with one of these endings, by its path from the client's folder. */
function filesBelow(folder: string, ...endings: string[]): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return filesBelow(path, ...endings);
    return endings.some((e) => path.endsWith(e)) ? [path] : [];
  });
}

const sources = filesBelow(client, '.ts', '.tsx').filter((path) => !path.endsWith('schema.d.ts'));

/** The rooms of the client that a file imports from. */
function uses(path: string): string[] {
  const text = readFileSync(path, 'utf8');
  return [...text.matchAll(/from '(\.[^']+)'|import\('(\.[^']+)'\)/g)]
    .map((found) => relative(client, resolve(dirname(path), found[1] ?? found[2]!)).split('/')[0]!)
    .filter((room) => room !== '..');
}

const roomOf = (path: string) => relative(client, path).split('/')[0]!;

test.each([
  ['api', ['app', 'drawing', 'parts', 'techniques', 'views']],
  ['drawing', ['app', 'parts', 'techniques', 'views']],
  ['app', ['techniques', 'views']],
  ['parts', ['techniques', 'views']],
  ['techniques', ['views']],
])('%s uses none of %j', (room, forbidden) => {
  const found = sources
    .filter((path) => roomOf(path) === room)
    .flatMap((path) =>
      uses(path)
        .filter((used) => forbidden.includes(used))
        .map((used) => `${relative(client, path)} uses ${used}`),
    );
  expect(found).toEqual([]);
});

/** The names of the techniques and their cards, from where they are declared. */
const names = filesBelow(join(root, 'src/Core/Craft'), '.cs').flatMap((path) =>
  [...readFileSync(path, 'utf8').matchAll(/\bName = "([a-z-]+)",\s*\n\s*Title/g)].map((m) => m[1]!),
);

// A question that compares techniques has words of its own for what each of them needs.
const questions = ['views/Reckoner/WhichWay.tsx'];

test('nothing outside a technique names one', () => {
  expect(names.length).toBeGreaterThan(12);
  const named = sources
    .filter((path) => roomOf(path) !== 'techniques' && !questions.includes(relative(client, path)))
    .flatMap((path) => {
      const text = readFileSync(path, 'utf8').replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '');
      return names
        .filter((name) => text.includes(`'${name}'`) || text.includes(`"${name}"`))
        .map((name) => `${relative(client, path)} names ${name}`);
    });
  expect(named).toEqual([]);
});

test('a leaf stands in a folder that is called as its technique', () => {
  const folders = readdirSync(join(client, 'techniques')).filter((name) => !name.endsWith('.ts'));
  expect(folders.filter((folder) => !names.includes(folder))).toEqual([]);
});

test('a file stays small enough to be read at once', () => {
  const long = sources
    .map((path) => [relative(client, path), readFileSync(path, 'utf8').match(/\S.*\n/g)!.length] as const)
    .filter(([, lines]) => lines > 300);
  expect(long).toEqual([]);
});

test('what a page needs is asked for ahead under the address that it has now', () => {
  const firsts = [...readFileSync(join(client, 'Routed.tsx'), 'utf8').matchAll(/path: '\/([a-z]+)[/']/g)].map(
    ([, first]) => first!,
  );
  const ahead = readFileSync(join(client, 'vite.config.ts'), 'utf8');
  const views = new Set(firsts.filter((first) => ahead.includes(`${first}: 'views/`)));
  expect([...views].sort()).toEqual([
    'calculator',
    'faults',
    'parts',
    'practice',
    'projects',
    'settings',
    'supplies',
    'swatches',
  ]);
  const named = [...ahead.matchAll(/^ {2}([a-z]+): 'views\//gm)].map(([, first]) => first!);
  expect(named.filter((first) => !firsts.includes(first))).toEqual([]);
});

test('a folder of parts may use another, and none uses itself over others', () => {
  const folderOf = (path: string) => {
    const [room, folder, ...rest] = relative(client, path).split('/');
    return room === 'parts' && rest.length > 0 ? folder! : null;
  };
  const used = new Map<string, Set<string>>();
  for (const path of sources) {
    const from = folderOf(path);
    if (!from) continue;
    const text = readFileSync(path, 'utf8');
    for (const found of text.matchAll(/from '(\.[^']+)'|import\('(\.[^']+)'\)/g)) {
      const to = folderOf(`${resolve(dirname(path), found[1] ?? found[2]!)}`);
      if (to && to !== from) used.set(from, (used.get(from) ?? new Set()).add(to));
    }
  }
  expect(used.size).toBeGreaterThan(1);
  for (const folder of used.keys()) {
    const reached = new Set<string>();
    const left = [...used.get(folder)!];
    while (left.length > 0) {
      const next = left.pop()!;
      if (reached.has(next)) continue;
      reached.add(next);
      left.push(...(used.get(next) ?? []));
    }
    expect(reached.has(folder), folder).toBe(false);
  }
});
