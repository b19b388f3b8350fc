import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';

const root = join(import.meta.dirname, '../..');
const BUILD = ['node_modules/.bin/rolldown', '-c', 'server/rolldown.config.mjs'];
const migrations = join(import.meta.dirname, '../migrations');
const cache = join(root, 'node_modules/.cache/gleddo-template');

/** Builds the server, and makes once for each state of the migrations a database folder that tests copy. */
export default async () => {
  const built = spawnSync(process.execPath, BUILD, { cwd: root, encoding: 'utf8' });
  if (built.status !== 0) throw new Error(`the server could not be built\n${built.stderr}`);
  const hash = createHash('sha256');
  for (const file of readdirSync(migrations).filter((name) => name.endsWith('.sql')))
    hash.update(readFileSync(join(migrations, file)));
  const folder = `${cache}-${hash.digest('hex').slice(0, 12)}`;
  process.env.GLEDDO_TEMPLATE = folder;
  if (existsSync(folder)) return;
  const making = `${folder}-making`;
  rmSync(making, { recursive: true, force: true });
  mkdirSync(join(cache, '..'), { recursive: true });
  const client = await PGlite.create(making);
  await migrate(drizzle(client), { migrationsFolder: migrations });
  await client.close();
  renameSync(making, folder);
};
