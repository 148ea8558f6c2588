import { relative } from 'node:path';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** The view that an address opens, by the first part of its path. */
const opens: Record<string, string> = {
  '': 'views/Bench/Bench.tsx',
  parts: 'views/Working/Working.tsx',
  swatches: 'views/SwatchBook/SwatchBook.tsx',
  supplies: 'views/Drawer/Drawer.tsx',
  calculator: 'views/Reckoner/Reckoner.tsx',
  faults: 'views/Faults/Faults.tsx',
  practice: 'views/Practice/Practice.tsx',
  projects: 'views/Cutting/Cutting.tsx',
  settings: 'views/Workroom/Workroom.tsx',
};

/** The letters that every view is written in; asked for at once, the page is laid out with them the first time. */
const fonts = /^(figtree|bricolage-grotesque)-latin-wght-normal\.woff2$/;

/**
 * Writes down the fonts of every view and the scripts of each, so that the page can ask for them at once and not only
 * when the program runs.
 */
function ahead(): Plugin {
  return {
    name: 'ahead',
    generateBundle(_, bundle) {
      const chunks = Object.values(bundle).filter((file) => file.type === 'chunk');
      const withImports = (name: string, seen: Set<string>) => {
        const chunk = chunks.find((c) => c.fileName === name);
        if (!chunk || seen.has(name)) return seen;
        seen.add(name);
        chunk.imports.forEach((next) => withImports(next, seen));
        return seen;
      };
      const first = withImports(chunks.find((c) => c.isEntry)!.fileName, new Set());
      const scripts = Object.entries(opens).map(([part, view]) => {
        const chunk = chunks.find(
          (c) => c.facadeModuleId && relative(import.meta.dirname, c.facadeModuleId) === view,
        );
        if (!chunk) this.error(`No script is made of ${view}, which /${part} opens.`);
        return [part, [...withImports(chunk.fileName, new Set())].filter((name) => !first.has(name))];
      });
      this.emitFile({
        type: 'asset',
        fileName: 'ahead.json',
        source: JSON.stringify({
          fonts: Object.values(bundle)
            .filter((file) => file.type === 'asset' && file.names.some((name) => fonts.test(name)))
            .map((file) => file.fileName),
          scripts: Object.fromEntries(scripts),
        }),
      });
    },
  };
}

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), tailwind(), ahead()],
  build: {
    outDir: '../Web/wwwroot',
    emptyOutDir: true,
    target: 'es2022',
    modulePreload: { polyfill: false },
  },
  server: { host: '127.0.0.1', proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 5080}` } },
});
