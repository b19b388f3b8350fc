import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite';
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator';
import { Pool } from 'pg';
import type { Logger } from 'pino';
import { CannotOpen, postgresSays } from './cannot-open.js';
import { copyFolder, DATABASE_IN } from './copy-while-open.js';
import { DiskRoom, ROOM_ELSEWHERE, type Room } from './disk-room.js';
import { FolderLock } from './folder-lock.js';
import { listenEmbedded, PostgresListening, type Listen } from './listening.js';
import * as schema from './schema/index.js';
import { SyncedNodeFS } from './synced-node-fs.js';

export type Database = PgDatabase<PgQueryResultHKT, typeof schema>;
/** A database or a transaction on it: inside a transaction only the latter may be used. */
export type Queries = Pick<
  Database,
  'select' | 'insert' | 'update' | 'delete' | 'selectDistinct' | 'execute' | '$count'
>;

/** `embedded`: this process alone has the data, so that what it remembers is true. `shared`: others change it, too. */
export type Engine = 'embedded' | 'shared';

export interface OpenDatabase {
  readonly db: Database;
  readonly engine: Engine;
  readonly listen: Listen;
  readonly room: Room;
  close(): Promise<void>;
}

export interface DatabaseSettings {
  /** A PostgreSQL to use instead of the embedded one. */
  readonly url: string | null;
  /** The folder of the embedded database. */
  readonly folder: string;
  /** The steps of making its tables, to be brought up to date by; null: it is left as it is. */
  readonly migrations: string | null;
}

/** The rows of a statement written by hand, in either engine's answer. */
export const rowsOf = <T = Record<string, unknown>>(answer: unknown): readonly T[] =>
  (answer as { rows: readonly T[] }).rows;

/** Opens the database that the settings name and brings its tables up to date. Throws `CannotOpen`, with what to do. */
export const openDatabase = (settings: DatabaseSettings, log: Logger): Promise<OpenDatabase> =>
  settings.url === null
    ? openEmbedded(settings, log)
    : openPostgres(settings.url, settings.migrations, log);

const MOST_CONNECTIONS = 10;
const CONNECT_WITHIN = 10_000;
/** Any number will do that all servers share: they bring the tables up to date one after the other. */
const MIGRATING = 4_711_027;

async function openPostgres(
  url: string,
  folder: string | null,
  log: Logger,
): Promise<OpenDatabase> {
  const pool = new Pool({
    connectionString: url,
    max: MOST_CONNECTIONS,
    connectionTimeoutMillis: CONNECT_WITHIN,
    keepAlive: true,
  });
  const lost = (error: Error) => log.warn({ err: error }, 'a database connection was lost');
  pool.on('error', lost);
  // The pool hears only of those that rest: one that is in use tells of its loss itself.
  pool.on('connect', (client) => client.on('error', lost));
  try {
    if (folder !== null) await migrated(pool, folder);
    else await pool.query('select 1');
  } catch (error) {
    await pool.end();
    throw postgresSays(error, url);
  }
  const db = drizzlePg(pool, { schema });
  const listening = new PostgresListening(url, log);
  return {
    db: db as unknown as Database,
    engine: 'shared',
    listen: listening.listen,
    room: ROOM_ELSEWHERE,
    async close() {
      await listening.close();
      await pool.end();
    },
  };
}

async function migrated(pool: Pool, migrationsFolder: string): Promise<void> {
  const client = await pool.connect();
  try {
    await client.query('select pg_advisory_lock($1)', [MIGRATING]);
    await migratePg(drizzlePg(client, { schema }), { migrationsFolder });
  } finally {
    await client.query('select pg_advisory_unlock($1)', [MIGRATING]).catch(() => undefined);
    client.release();
  }
}

const CHECKPOINT_EVERY = 60_000;

function judgeFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.R_OK | constants.W_OK | constants.X_OK);
    const inside = join(folder, 'database');
    if (existsSync(inside)) accessSync(inside, constants.R_OK | constants.W_OK | constants.X_OK);
  } catch {
    throw new CannotOpen(
      `The data folder ${folder} can’t be written. Let this user write there, or give another folder with GLEDDO_DATA.`,
    );
  }
}

async function openEmbedded(
  { folder, migrations }: DatabaseSettings,
  log: Logger,
): Promise<OpenDatabase> {
  judgeFolder(folder);
  const lock = await FolderLock.take(folder);
  const room = new DiskRoom(folder, log);
  let client: PGlite;
  try {
    room.watch();
    client = await openFolder(join(folder, DATABASE_IN), room);
    yieldBetweenQueries(client);
    if (migrations !== null)
      await migratePglite(drizzlePglite(client, { schema }), { migrationsFolder: migrations });
  } catch (error) {
    lock.release();
    const why = error instanceof Error ? error.message.split('\n')[0] : '';
    throw new CannotOpen(
      `The database in ${folder} can’t be opened (${why}). Put back a copy of the folder that was made while the server was stopped, or begin anew with another folder (GLEDDO_DATA).`,
    );
  }
  lock.copies = async (to) => {
    await client.exec('CHECKPOINT');
    await client.runExclusive(async () => copyFolder(folder, to));
  };
  return opened(client, room, lock);
}

function opened(client: PGlite, room: DiskRoom, lock: FolderLock): OpenDatabase {
  const timer = setInterval(
    () => void client.exec('CHECKPOINT').catch(() => undefined),
    CHECKPOINT_EVERY,
  );
  timer.unref();
  return {
    db: drizzlePglite(client, { schema }) as unknown as Database,
    engine: 'embedded',
    listen: listenEmbedded(client),
    room,
    async close() {
      clearInterval(timer);
      room.close();
      await client.close();
      lock.release();
    },
  };
}

function endWith(why: string): never {
  process.stderr.write(`${why} Make room, then start again: what was said to be saved is safe.\n`);
  process.exit(1);
}

function openFolder(folder: string, room: DiskRoom): Promise<PGlite> {
  const params = (PGlite as unknown as { defaultStartParams: string[] }).defaultStartParams;
  return PGlite.create({
    fs: new SyncedNodeFS(folder, room, endWith),
    startParams: [
      ...params.filter((param) => param !== '-F'),
      ...['-c', 'wal_sync_method=fsync', '-c', 'max_wal_size=128MB'],
    ],
  });
}

/**
 * Lets other work of the process have its turn after each query: else all that wait run one behind the other, and
 * meanwhile nobody is heard, least of all who is only just connecting. What a query answers is told at once.
 */
function yieldBetweenQueries(client: PGlite): void {
  const inner = client._runExclusiveTransaction.bind(client);
  client._runExclusiveTransaction = <T>(fn: () => Promise<T>): Promise<T> =>
    new Promise<T>((resolve, reject) => {
      const turn = async () => {
        await fn().then(resolve, reject);
        await new Promise(setImmediate);
      };
      inner(turn).catch(reject);
    });
}
