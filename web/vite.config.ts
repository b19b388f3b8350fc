import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { otherScripts } from './other-scripts';
import { tokensAsCss } from './src/shell/tokens';

const COMPRESSED = /\.(js|css|html|svg)$/;
/** What is smaller goes in one packet anyway. */
const WORTH_IT = 1_400;

function* filesIn(folder: string): Generator<string> {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) yield* filesIn(path);
    else yield path;
  }
}

/** Lays a compressed file beside each that is worth it, so that the server compresses none while somebody waits. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  closeBundle() {
    for (const path of filesIn(join(import.meta.dirname, 'dist'))) {
      if (!COMPRESSED.test(path) || statSync(path).size < WORTH_IT) continue;
      const text = readFileSync(path);
      writeFileSync(`${path}.br`, brotliCompressSync(text));
      writeFileSync(`${path}.gz`, gzipSync(text, { level: 9 }));
    }
  },
});

/** The fonts that every page shows: fetched along with the first script, not after the style sheet. */
const PRELOADED = /(figtree-latin-wght-normal|source-serif-4-latin-600-normal)-[\w-]+\.woff2$/;

const preloadedFonts = (): Plugin => ({
  name: 'preloaded-fonts',
  apply: 'build',
  transformIndexHtml: {
    order: 'post',
    handler: (_, { bundle }) =>
      Object.keys(bundle ?? {})
        .filter((name) => PRELOADED.test(name))
        .map((name) => ({
          tag: 'link',
          attrs: {
            rel: 'preload',
            as: 'font',
            type: 'font/woff2',
            crossorigin: '',
            href: `/${name}`,
          },
          injectTo: 'head',
        })),
  },
});

/** The custom properties of the style sheets, from the one list of tokens. */
const tokens = (): Plugin => ({
  name: 'tokens',
  enforce: 'pre',
  transform: (_, id) => (id.endsWith('shell/tokens.css') ? tokensAsCss() : null),
});

/** A class is called by its sheet and its own name: `row` in `list.module.css` is `list-row`. */
const scopedName = (name: string, path: string) =>
  `${basename(path.split('?')[0] ?? path, '.module.css')}-${name}`;

export default defineConfig({
  root: import.meta.dirname,
  css: { modules: { generateScopedName: scopedName } },
  plugins: [react(), tokens(), otherScripts(), preloadedFonts(), compressed()],
  resolve: { conditions: ['source', 'browser', 'module', 'import', 'default'] },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 2200 },
  server: { proxy: { '/api': `http://localhost:${process.env['GLEDDO_PORT'] ?? 3000}` } },
});
