import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite';
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator';
import { Pool } from 'pg';
import { FolderLock } from './folder-lock.js';
import * as schema from './schema/index.js';
import { SyncedNodeFS } from './synced-node-fs.js';

export type Database = PgDatabase<PgQueryResultHKT, typeof schema>;
/** A database or a transaction on it: inside a transaction only the latter may be used. */
export type Queries = Pick<Database, 'select' | 'insert' | 'update' | 'delete'>;

export interface OpenDatabase {
  readonly db: Database;
  close(): Promise<void>;
}

export interface DatabaseSettings {
  /** A PostgreSQL to use instead of the embedded one. */
  readonly url: string | null;
  /** The folder of the embedded database. */
  readonly folder: string;
  readonly migrations: string;
}

/** Opens the database that the settings name and brings its tables up to date. */
export const openDatabase = (settings: DatabaseSettings): Promise<OpenDatabase> =>
  settings.url === null ? openEmbedded(settings) : openPostgres(settings.url, settings.migrations);

async function openPostgres(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const pool = new Pool({ connectionString: url, max: 10 });
  const db = drizzlePg(pool, { schema });
  await migratePg(db, { migrationsFolder });
  return { db: db as unknown as Database, close: () => pool.end() };
}

const CHECKPOINT_EVERY = 60_000;

async function openEmbedded({ folder, migrations }: DatabaseSettings): Promise<OpenDatabase> {
  const lock = await FolderLock.take(folder);
  const params = (PGlite as unknown as { defaultStartParams: string[] }).defaultStartParams;
  const client = await PGlite.create({
    fs: new SyncedNodeFS(join(folder, 'database')),
    startParams: [
      ...params.filter((param) => param !== '-F'),
      ...['-c', 'wal_sync_method=fsync', '-c', 'max_wal_size=128MB'],
    ],
  });
  yieldBetweenQueries(client);
  const db = drizzlePglite(client, { schema });
  await migratePglite(db, { migrationsFolder: migrations });
  const timer = setInterval(
    () => void client.exec('CHECKPOINT').catch(() => undefined),
    CHECKPOINT_EVERY,
  );
  timer.unref();
  return {
    db: db as unknown as Database,
    async close() {
      clearInterval(timer);
      await client.close();
      lock.release();
    },
  };
}

/** Lets other work of the process have its turn between queries, which otherwise run one behind the other. */
function yieldBetweenQueries(client: PGlite): void {
  const inner = client._runExclusiveTransaction.bind(client);
  client._runExclusiveTransaction = async <T>(fn: () => Promise<T>): Promise<T> => {
    await new Promise(setImmediate);
    return inner(fn);
  };
}
