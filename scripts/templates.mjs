import { createHash } from 'node:crypto';
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';
import { startServer } from './server.mjs';

const migrations = join(ROOT, 'server/migrations');
const built = join(ROOT, 'server/dist');
const cache = join(ROOT, 'node_modules/.cache');

const DAY = 86_400_000;
const dayAt = (time) => new Date(time).toISOString().slice(0, 10);

/** A demo world tells of days that have passed since, so that it lasts for one, and through the night. */
const DAYS = [dayAt(Date.now()), dayAt(Date.now() - DAY)];

/** A folder of the cache whose name follows from these files and the day; made anew, with those of its name before it gone, where there is none. */
async function madeOnce(name, files, make) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(readFileSync(file));
  const known = hash.digest('hex').slice(0, 12);
  const [own, ...lasting] = DAYS.map((day) => `gleddo-${name}-${known}-${day}`);
  const folder = join(cache, own);
  const found = [own, ...lasting].find((each) => existsSync(join(cache, each)));
  if (found) return join(cache, found);
  mkdirSync(cache, { recursive: true });
  for (const old of readdirSync(cache).filter((each) => each.startsWith(`gleddo-${name}-`)))
    rmSync(join(cache, old), { recursive: true, force: true });
  const making = join(cache, `making-${own}`);
  rmSync(making, { recursive: true, force: true });
  await make(making);
  renameSync(making, folder);
  return folder;
}

async function empty(folder) {
  const { PGlite } = await import('@electric-sql/pglite');
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  const client = await PGlite.create(folder);
  await migrate(drizzle(client), { migrationsFolder: migrations });
  await client.close();
}

/** Lets the built server make the demo world in a copy of the empty database. */
async function withDemo(folder, template) {
  cpSync(template, join(folder, 'database'), { recursive: true });
  const env = { GLEDDO_DATA: folder, GLEDDO_DEMO: '1', GLEDDO_LOG: 'warn' };
  const { end } = await startServer({ env });
  await end();
  rmSync(join(folder, 'kept-aside'), { force: true });
}

const filesIn = (folder, ending) =>
  readdirSync(folder)
    .filter((name) => name.endsWith(ending))
    .map((name) => join(folder, name));

/** What tests copy instead of making it each time: a database without anything in it, and a data folder with the demo world. */
export async function templates() {
  const sql = filesIn(migrations, '.sql');
  const database = await madeOnce('template', sql, empty);
  const demo = await madeOnce('demo', [...sql, ...filesIn(built, '.mjs')], (folder) =>
    withDemo(folder, database),
  );
  return { database, demo };
}

/** Puts what was made once where a server is to keep its data. */
export function fromTemplate({ database, demo }, folder, isDemo) {
  if (isDemo) cpSync(demo, folder, { recursive: true });
  else cpSync(database, join(folder, 'database'), { recursive: true });
}
