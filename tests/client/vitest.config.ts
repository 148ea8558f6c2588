import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { defineConfig } from 'vitest/config';

const root = import.meta.dirname;

/** What takes something's place, such as the server, before the client is loaded has a world of its own; all else shares one. */
const alone = readdirSync(root).filter(
  (file) =>
    /\.test\.tsx?$/.test(file) &&
    /vi\.(mock|hoisted|stubGlobal)/.test(readFileSync(join(root, file), 'utf8')),
);
const each = { environment: 'happy-dom', restoreMocks: true, setupFiles: ['setup.ts'] };

export default defineConfig({
  root,
  test: {
    projects: [
      { test: { ...each, name: 'alone', include: alone } },
      { test: { ...each, name: 'together', include: ['*.test.ts?(x)'], exclude: alone, isolate: false } },
    ],
  },
});
