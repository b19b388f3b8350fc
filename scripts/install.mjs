import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { BROWSER, SHELL } from './chromium.mjs';
import { mustRun, ROOT, run } from './run.mjs';

const stamp = join(ROOT, 'node_modules', '.installed-from');

const wanted = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');

/** Installs the packages of the lock file when they are missing or of another lock file. */
export async function ensureInstalled() {
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted()) return;
  process.stdout.write('Installing packages (about a minute, once) …\n');
  await mustRun('npm', ['install', '--no-save', '--loglevel=error']);
  writeFileSync(stamp, wanted());
}

/** Installs a package of Debian's; `runs` says what becomes of a failure. */
async function installDebian(name, runs = mustRun) {
  process.stdout.write(`Installing ${name} …\n`);
  const command = process.getuid?.() === 0 ? ['apt-get'] : ['sudo', 'apt-get'];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (args) => runs(command[0], [...command.slice(1), ...args], { env });
  await apt(['update', '-qq']);
  await apt(['install', '-y', '-qq', '--no-install-recommends', name]);
}

/** Installs Debian's chromium for the browser stories: its shell, or the whole browser where that can't be had. */
export async function ensureChromium() {
  if (existsSync(SHELL)) return;
  await installDebian('chromium-headless-shell', run);
  if (!existsSync(SHELL) && !existsSync(BROWSER)) await installDebian('chromium');
}

/** Installs Debian's PostgreSQL for the tests of the server when there is none. */
export async function ensurePostgres() {
  const at = '/usr/lib/postgresql';
  const isThere =
    existsSync(at) &&
    readdirSync(at).some((version) => existsSync(join(at, version, 'bin/initdb')));
  if (!isThere) await installDebian('postgresql');
}
