import { join } from 'node:path';
import { build } from './build.mjs';
import { ROOT, run } from './run.mjs';

await build();
const node = (args, env = {}) =>
  run(process.execPath, args, { env: { ...process.env, GLEDDO_DEMO: '1', ...env } });
const folder = join(ROOT, 'data', 'demo');
await Promise.all([
  node(['node_modules/.bin/rolldown', '-c', 'server/rolldown.config.mjs', '--watch']),
  node(['--watch', 'server/dist/main.mjs'], { GLEDDO_DATA: folder }),
  node(['node_modules/.bin/vite', 'web']),
]);
