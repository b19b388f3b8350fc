import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureInstalled } from './install.mjs';
import { mustRun, ROOT } from './run.mjs';

const IGNORED = new Set(['node_modules', 'dist', 'test']);

function newest(path) {
  if (!statSync(path).isDirectory()) return statSync(path).mtimeMs;
  const inside = readdirSync(path).filter((name) => !IGNORED.has(name));
  return Math.max(0, ...inside.map((name) => newest(join(path, name))));
}

const isOlder = (built, sources) =>
  !existsSync(built) ||
  statSync(built).mtimeMs < Math.max(...sources.map((source) => newest(join(ROOT, source))));

/** Builds the server and the pages when their sources are newer than what was built. */
export async function build({ pages = true } = {}) {
  await ensureInstalled();
  if (isOlder(join(ROOT, 'server/dist/main.mjs'), ['core/src', 'contract/src', 'server'])) {
    process.stdout.write('Building the server …\n');
    await mustRun(process.execPath, [
      'node_modules/.bin/rolldown',
      '-c',
      'server/rolldown.config.mjs',
      '--log-level',
      'warn',
    ]);
  }
  if (pages && isOlder(join(ROOT, 'web/dist/index.html'), ['core/src', 'contract/src', 'web'])) {
    process.stdout.write('Building the pages …\n');
    await mustRun(process.execPath, [
      'node_modules/.bin/vite',
      'build',
      'web',
      '--logLevel',
      'warn',
    ]);
  }
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await build();
