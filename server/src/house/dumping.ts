import { sql } from 'drizzle-orm';
import type { Database, Queries } from '../database/open-database.js';
import { BackupWriter, Summing, type Sum, type Sums } from './backup-file.js';
import { levelOf, rowsAsJson, tablesOf } from './tables.js';

/** Written the same way whatever the database is set to. */
async function asOne(db: Queries): Promise<void> {
  await db.execute(sql`set local timezone to 'UTC'`);
  await db.execute(sql`set local datestyle to 'ISO'`);
}

type Sees = (table: string, row: string) => Promise<void> | void;

/** Tells all rows of all tables; answers what each table holds. */
async function tell(tx: Queries, see: Sees): Promise<Sums> {
  const sums: Record<string, Sum> = {};
  for (const table of await tablesOf(tx)) {
    const summing = new Summing();
    for await (const row of each(rowsAsJson(tx, table))) {
      summing.add(row);
      await see(table.name, row);
    }
    sums[table.name] = summing.sum();
  }
  return sums;
}

async function* each<T>(portions: AsyncIterable<readonly T[]>): AsyncGenerator<T> {
  for await (const portion of portions) yield* portion;
}

/** What each table holds. */
export async function sumsOf(tx: Queries): Promise<Sums> {
  await asOne(tx);
  return tell(tx, () => undefined);
}

/** Writes all that a database holds, as it stands at one moment; answers what that is. */
export async function dump(db: Database, file: string, at: string): Promise<Sums> {
  return db.transaction(
    async (tx) => {
      await asOne(tx);
      const writer = new BackupWriter(file, { at, level: await levelOf(tx) });
      try {
        const sums = await tell(tx, (table, row) => writer.line(table, row));
        await writer.end(sums);
        return sums;
      } catch (error) {
        await writer.giveUp();
        throw error;
      }
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
}
