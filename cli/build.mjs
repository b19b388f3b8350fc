import { existsSync, readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const bundle = join(here, 'dist', 'gleddo.mjs');

function newest(folder) {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    latest = Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return latest;
}

/** Bundles the command into dist/ when it is missing or older than its sources; answers its path. */
export async function build() {
  const sources = Math.max(newest(join(here, 'src')), newest(join(here, '..', 'core', 'src')));
  if (existsSync(bundle) && statSync(bundle).mtimeMs > sources) return bundle;
  const { rolldown } = await import('rolldown');
  const made = await rolldown({
    input: {
      gleddo: join(here, 'src', 'index.ts'),
      'table-thread': join(here, 'src', 'table-thread.ts'),
    },
    platform: 'node',
    external: (id) => !id.startsWith('.') && !id.startsWith('/') && !id.startsWith('@gleddo/'),
    resolve: { conditionNames: ['source', 'import', 'node'] },
  });
  await made.write({
    dir: dirname(bundle),
    format: 'esm',
    entryFileNames: '[name].mjs',
    chunkFileNames: 'shared-[name].mjs',
  });
  await made.close();
  return bundle;
}
