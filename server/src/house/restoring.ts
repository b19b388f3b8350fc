import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { openDatabase, type OpenDatabase } from '../database/open-database.js';
import type { KnownDatabase } from '../http/settings.js';
import { BackupRefused, checkBackup, readBackup, type Sums } from './backup-file.js';
import { sumsOf } from './dumping.js';
import { goOnCounting, isEmpty, putRows, tablesOf, type Table } from './tables.js';

interface Journal {
  readonly entries: readonly { readonly idx: number }[];
}

const journalIn = (folder: string): string => join(folder, 'meta', '_journal.json');
const read = (folder: string): Journal =>
  JSON.parse(readFileSync(journalIn(folder), 'utf8')) as Journal;

/** The first steps of the making of a database, as a folder of their own. */
function firstSteps(migrations: string, level: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'gleddo-steps-'));
  cpSync(migrations, folder, { recursive: true });
  const journal = read(folder);
  const entries = journal.entries.slice(0, level);
  writeFileSync(journalIn(folder), JSON.stringify({ ...journal, entries }));
  return folder;
}

const MOST_CHARACTERS = 4_000_000;

/** Rows of one table after the other, in portions that fit into one statement. */
async function putAll(
  database: OpenDatabase,
  tables: readonly Table[],
  file: string,
): Promise<void> {
  const named = new Map(tables.map((table) => [table.name, table]));
  await database.db.transaction(async (tx) => {
    let table: Table | undefined;
    let some: string[] = [];
    let characters = 0;
    const put = async () => {
      if (table && some.length > 0) await putRows(tx, table, some);
      some = [];
      characters = 0;
    };
    for await (const each of readBackup(file)) {
      if ('format' in each) continue;
      if (each.table !== table?.name || characters > MOST_CHARACTERS) await put();
      table = named.get(each.table);
      some.push(each.row);
      characters += each.row.length;
    }
    await put();
    await goOnCounting(tx);
  });
}

/** Brings what a backup holds into an empty database; answers what is there then, which is what was written. */
export async function restore(file: string, settings: KnownDatabase, log: Logger): Promise<Sums> {
  const { head } = await checkBackup(file);
  const known = read(settings.migrations).entries.length;
  if (head.level > known)
    throw new BackupRefused(
      `${file} was made by a newer Gleddo than this one. Bring it back with that one.`,
    );
  const migrations = firstSteps(settings.migrations, head.level);
  try {
    const sums = await into({ ...settings, migrations }, file, log);
    // What came after the backup was made is done to what it holds.
    await (await openDatabase(settings, log)).close();
    return sums;
  } finally {
    rmSync(migrations, { recursive: true, force: true });
  }
}

async function into(settings: KnownDatabase, file: string, log: Logger): Promise<Sums> {
  const database = await openDatabase(settings, log);
  try {
    const tables = await tablesOf(database.db);
    if (!(await isEmpty(database.db, tables)))
      throw new BackupRefused(
        'There is something in this database already, and it is not written over. Name an empty one with DATABASE_URL or GLEDDO_DATA.',
      );
    await putAll(database, tables, file);
    return await database.db.transaction((tx) => sumsOf(tx));
  } finally {
    await database.close();
  }
}
