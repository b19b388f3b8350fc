import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Logger } from 'pino';
import { CannotOpen } from '../database/cannot-open.js';
import { DATABASE_IN } from '../database/copy-while-open.js';
import { FolderLock } from '../database/folder-lock.js';
import { openDatabase, type DatabaseSettings } from '../database/open-database.js';
import { makeLog } from '../http/log.js';
import { SettingRefused, settingsFrom, type KnownDatabase } from '../http/settings.js';
import { BackupRefused, checkBackup, type Sums } from './backup-file.js';
import { setNewPassword } from '../people/set-new-password.js';
import { dump } from './dumping.js';
import { restore } from './restoring.js';

const nothingIn = (folder: string) =>
  new BackupRefused(
    `There is no database in ${folder}. Name the one that is meant with GLEDDO_DATA or DATABASE_URL.`,
  );

/** Where the data are while they are told: where they are kept, or in a copy that was made while a server had them. */
async function withData<T>(
  database: DatabaseSettings,
  work: (settings: DatabaseSettings) => Promise<T>,
): Promise<T> {
  const asItIs = { ...database, migrations: null };
  if (database.url !== null) return work(asItIs);
  const copy = mkdtempSync(join(tmpdir(), 'gleddo-copy-'));
  try {
    const isCopied = await FolderLock.askForCopy(database.folder, copy);
    if (!isCopied && !existsSync(join(database.folder, DATABASE_IN)))
      throw nothingIn(database.folder);
    return await work({ ...asItIs, folder: isCopied ? copy : database.folder });
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

/** Writes a backup of the data that the settings name, also while they are used, and reads it whole. */
async function backup(database: DatabaseSettings, file: string, log: Logger): Promise<Sums> {
  const at = new Date().toISOString();
  const sums = await withData(database, async (settings) => {
    const open = await openDatabase(settings, log);
    try {
      return await dump(open.db, file, at);
    } finally {
      await open.close();
    }
  });
  await checkBackup(file);
  return sums;
}

const rowsIn = (sums: Sums): number => Object.values(sums).reduce((all, { rows }) => all + rows, 0);

/** What of one is not in the other, by table. */
const differing = (one: Sums, other: Sums): string[] =>
  Object.keys(one).filter((name) => one[name]?.hash !== other[name]?.hash);

/** From one database to another, embedded or not, counted and compared. */
async function move(from: KnownDatabase, to: KnownDatabase, log: Logger): Promise<Sums> {
  const folder = mkdtempSync(join(tmpdir(), 'gleddo-move-'));
  try {
    const file = join(folder, 'moved.backup');
    const sent = await backup(from, file, log);
    const there = await restore(file, to, log);
    const lost = differing(sent, there);
    if (lost.length > 0)
      throw new BackupRefused(
        `These are not there as they were: ${lost.join(', ')}. Nothing was changed here.`,
      );
    return there;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A new password for whoever lost theirs and has nobody to ask: the head of the house. */
async function newPassword(database: KnownDatabase, login: string, log: Logger): Promise<string> {
  const open = await openDatabase(database, log);
  try {
    const password = await setNewPassword(open.db, login);
    if (password === null)
      throw new BackupRefused(`Nobody signs in as “${login}”. Look at the spelling.`);
    return password;
  } finally {
    await open.close();
  }
}

const USAGE = `gleddo backup FILE          all that the database holds, also while a server has it
gleddo restore FILE         into an empty database
gleddo move --to ADDRESS    to another database: postgres://… or a folder
gleddo password LOGIN       a new password for who lost theirs; they are signed out everywhere

The database is the one that DATABASE_URL or GLEDDO_DATA names.
`;

async function run(args: readonly string[], database: KnownDatabase): Promise<string | null> {
  const log = makeLog(process.env['GLEDDO_LOG'] ?? 'warn');
  const [command, first, second, ...rest] = args;
  if (rest.length > 0) return null;
  if (command === 'backup' && first !== undefined && second === undefined) {
    const sums = await backup(database, resolve(first), log);
    return `${first}: ${rowsIn(sums)} rows of ${Object.keys(sums).length} tables, read again whole.`;
  }
  if (command === 'restore' && first !== undefined && second === undefined) {
    const sums = await restore(resolve(first), database, log);
    return `${rowsIn(sums)} rows of ${Object.keys(sums).length} tables are back.`;
  }
  if (command === 'password' && first !== undefined && second === undefined)
    return `${first} signs in with ${await newPassword(database, first, log)} now. No second device is asked for.`;
  if (command === 'move' && first === '--to' && second !== undefined) {
    const isUrl = /^postgres(ql)?:\/\//.test(second);
    const to = {
      ...database,
      ...(isUrl ? { url: second } : { url: null, folder: resolve(second) }),
    };
    const sums = await move(database, to, log);
    return `${rowsIn(sums)} rows of ${Object.keys(sums).length} tables are there, each as it was. What is changed here from now on is not.`;
  }
  return null;
}

async function main(): Promise<number> {
  try {
    const done = await run(process.argv.slice(2), settingsFrom(process.env).database);
    process[done === null ? 'stderr' : 'stdout'].write(`${done ?? USAGE}\n`);
    return done === null ? 2 : 0;
  } catch (error) {
    const isReported = [BackupRefused, CannotOpen, SettingRefused].some(
      (kind) => error instanceof kind,
    );
    process.stderr.write(
      `${isReported ? (error as Error).message : String((error as Error).stack)}\n`,
    );
    return 1;
  }
}

process.exit(await main());
