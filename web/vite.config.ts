import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, gzip } from 'node:zlib';
import react from '@vitejs/plugin-react';
import inRem from 'postcss-pxtorem';
import { defineConfig, type InlineConfig, type Plugin } from 'vite';
import { otherScripts } from './other-scripts.ts';
import { pieces } from './pieces.ts';
import { serviceWorker } from './service-worker.ts';
import { tokensAsCss } from './src/platform/shell/tokens.ts';

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

const brotli = promisify(brotliCompress);
const gzipped = promisify(gzip);

async function compress(path: string): Promise<void> {
  const text = readFileSync(path);
  writeFileSync(`${path}.br`, await brotli(text));
  writeFileSync(`${path}.gz`, await gzipped(text, { level: 9 }));
}

/** Lays a compressed file beside each that is worth it, so that the server compresses none while somebody waits. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  async closeBundle() {
    const worthIt = [...filesIn(join(import.meta.dirname, 'dist'))].filter(
      (path) => COMPRESSED.test(path) && statSync(path).size >= WORTH_IT,
    );
    await Promise.all(worthIt.map(compress));
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
            // What can be read in another type for a moment never holds up what does something.
            fetchpriority: 'low',
            href: `/${name}`,
          },
          injectTo: 'head',
        })),
  },
});

/** The frame in the page itself is drawn before the styles of all the rest are there: what follows a sheet waits for it. */
const frameFirst = (): Plugin => ({
  name: 'frame-first',
  apply: 'build',
  enforce: 'post',
  transformIndexHtml: {
    order: 'post',
    handler: (html) => {
      const sheets = html.match(/<link rel="stylesheet"[^>]*>/g) ?? [];
      const without = sheets.reduce((rest, sheet) => rest.replace(sheet, ''), html);
      return without.replace('</body>', () => `${sheets.join('')}  </body>`);
    },
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

/** Sheets are written in pixels of usual letters and sent in rem: all grows with the letters that somebody has chosen; hairlines don’t. */
const IN_REM = inRem({ rootValue: 16, propList: ['*'], mediaQuery: true, minPixelValue: 2 });

const shared = (): InlineConfig => ({
  root: import.meta.dirname,
  css: {
    modules: { generateScopedName: scopedName },
    postcss: { plugins: [IN_REM] },
  },
  plugins: [react(), tokens()],
  resolve: { conditions: ['source', 'browser', 'module', 'import', 'default'] },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 2200 },
});

export default defineConfig(async ({ command }) => {
  const { plugins, build, ...rest } = shared();
  const codeSplitting = command === 'build' ? await pieces(shared()) : true;
  return {
    ...rest,
    plugins: [
      plugins,
      otherScripts(),
      frameFirst(),
      preloadedFonts(),
      serviceWorker(),
      compressed(),
    ],
    build: { ...build, rolldownOptions: { output: { codeSplitting } } },
    server: { proxy: { '/api': `http://localhost:${process.env['GLEDDO_PORT'] ?? 3000}` } },
  };
});
