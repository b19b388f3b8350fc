import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { ensureChromium, ensureInstalled } from './install.mjs';
import { mustRun, ROOT } from './run.mjs';

await ensureInstalled();
const { rolldown } = await import('rolldown');
const bundle = await rolldown({
  input: { main: join(ROOT, 'bench/src/main.ts'), worker: join(ROOT, 'bench/src/worker.ts') },
  platform: 'node',
  external: (id) => !id.startsWith('.') && !id.startsWith('/') && !id.startsWith('@gleddo/'),
  resolve: { conditionNames: ['source', 'import', 'node'] },
});
await bundle.write({
  dir: join(ROOT, 'bench/dist'),
  format: 'esm',
  entryFileNames: '[name].mjs',
  chunkFileNames: '[name].mjs',
});
await bundle.close();
await mustRun(process.execPath, [join(ROOT, 'bench/dist/main.mjs')]);
await build();
const server = join(ROOT, 'server/dist/main.mjs');
const { benchHarm, benchPeople, benchShared } = await import('../bench/crowd.mjs');
const bookIn = (name) =>
  JSON.parse(readFileSync(join(ROOT, 'bench/dist', `${name}.book.json`), 'utf8'));
await benchPeople({
  main: server,
  book: bookIn('usual'),
  says: 'each with a book of 60 accounts and 120 entries',
});
await benchPeople({
  main: server,
  book: bookIn('large'),
  says: 'each with a book of 150 accounts and 500 entries',
  sizes: process.env.GLEDDO_SMALL === undefined ? [300] : [3],
});
await benchHarm({ main: server, book: bookIn('large') });
if (process.env.DATABASE_URL)
  await benchShared({
    main: server,
    url: process.env.DATABASE_URL,
    book: bookIn('usual'),
    says: 'a book of 60 accounts',
    size: 1000,
  });
const { benchLists } = await import('../bench/lists.mjs');
await benchLists();
await ensureChromium();
const { benchInBrowser } = await import('../bench/browser.mjs');
await benchInBrowser(server);
const { weights } = await import('../bench/weights.mjs');
await weights(server);
const { slowLine } = await import('../bench/slow-line.mjs');
await slowLine(server);
