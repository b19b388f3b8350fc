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
await ensureChromium();
const { benchInBrowser } = await import('../bench/browser.mjs');
await benchInBrowser(join(ROOT, 'server/dist/main.mjs'));
