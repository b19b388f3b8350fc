import { join } from 'node:path';
import { ensureInstalled } from './install.mjs';
import { mustRun, ROOT } from './run.mjs';

await ensureInstalled();
const { rolldown } = await import('rolldown');
const bundle = await rolldown({
  input: join(ROOT, 'stand-in/src/main.ts'),
  platform: 'node',
  external: (id) => !id.startsWith('.') && !id.startsWith('/'),
});
const file = join(ROOT, 'stand-in/dist/main.mjs');
await bundle.write({ file, format: 'esm', codeSplitting: false });
await bundle.close();
await mustRun(process.execPath, [file, ...process.argv.slice(2)]);
