import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import { once } from 'node:events';
import { createGunzip, createGzip } from 'node:zlib';

const FORMAT = 'gleddo-backup';
const VERSION = 1;

/** What a backup says of itself at its beginning. */
export interface Head {
  readonly format: typeof FORMAT;
  readonly version: typeof VERSION;
  readonly at: string;
  /** How many steps of its making the database had behind it. */
  readonly level: number;
}

/** What a table holds: how many rows, and a hash of them all in their order. */
export interface Sum {
  readonly rows: number;
  readonly hash: string;
}

export type Sums = Readonly<Record<string, Sum>>;

/** A backup can't be used; the message says why, and what to do. */
export class BackupRefused extends Error {}

/** Sums up rows as they go by. */
export class Summing {
  private readonly hash = createHash('sha256');
  private rows = 0;

  add(row: string): void {
    this.rows++;
    this.hash.update(row).update('\n');
  }

  sum = (): Sum => ({ rows: this.rows, hash: this.hash.digest('base64url') });
}

/** Writes a backup line by line, packed; under its own name only once it is whole. */
export class BackupWriter {
  private readonly packed = createGzip({ level: 6 });
  private readonly part: string;
  private readonly written: Promise<unknown>;
  private fault: BackupRefused | null = null;

  constructor(
    private readonly file: string,
    head: Omit<Head, 'format' | 'version'>,
  ) {
    this.part = `${file}.part`;
    const out = createWriteStream(this.part, { mode: 0o600, flush: true });
    this.written = new Promise((resolve) => out.once('close', () => resolve(null)));
    out.once('error', ({ code }: NodeJS.ErrnoException) => {
      this.fault = new BackupRefused(
        `${file} can’t be written (${code}). Name a place that is there and has room.`,
      );
      this.packed.destroy();
    });
    this.packed.pipe(out);
    this.packed.write(`${JSON.stringify({ format: FORMAT, version: VERSION, ...head })}\n`);
  }

  async line(table: string, row: string): Promise<void> {
    if (this.fault) throw this.fault;
    if (this.packed.write(`${table}\t${row}\n`)) return;
    await Promise.race([once(this.packed, 'drain').catch(() => undefined), this.written]);
  }

  async end(sums: Sums): Promise<void> {
    if (this.fault) throw this.fault;
    this.packed.end(`.\t${JSON.stringify(sums)}\n`);
    await this.written;
    if (this.fault) throw this.fault;
    await rename(this.part, this.file);
  }

  async giveUp(): Promise<void> {
    this.packed.destroy();
    await rm(this.part, { force: true });
  }
}

/** What a backup holds, row by row; it has been read whole, and is what it says, once this has ended. */
export async function* readBackup(
  file: string,
): AsyncGenerator<Head | { readonly table: string; readonly row: string }> {
  const lines = createInterface({
    input: createReadStream(file).pipe(createGunzip()),
    crlfDelay: Infinity,
  });
  let head: Head | null = null;
  let sums: Sums | null = null;
  const found = new Map<string, Summing>();
  for await (const line of lines) {
    if (!head) {
      head = headOf(file, line);
      yield head;
      continue;
    }
    const at = line.indexOf('\t');
    const [table, row] = [line.slice(0, at), line.slice(at + 1)];
    if (table === '.') sums = JSON.parse(row) as Sums;
    else {
      const summing = found.get(table) ?? new Summing();
      found.set(table, summing);
      summing.add(row);
      yield { table, row };
    }
  }
  judge(file, sums, found);
}

function headOf(file: string, line: string): Head {
  try {
    const head = JSON.parse(line) as Head;
    if (head.format === FORMAT && head.version === VERSION) return head;
  } catch {
    // It is none, then.
  }
  throw new BackupRefused(
    `${file} is no backup of Gleddo. Choose a file that \`gleddo backup\` made.`,
  );
}

function judge(file: string, sums: Sums | null, found: ReadonlyMap<string, Summing>): void {
  if (!sums) throw new BackupRefused(`${file} breaks off before its end. Choose another backup.`);
  for (const [table, sum] of Object.entries(sums)) {
    const own = found.get(table)?.sum() ?? { rows: 0, hash: sum.hash };
    if (own.rows !== sum.rows || own.hash !== sum.hash)
      throw new BackupRefused(
        `${file} was changed or damaged: “${table}” is not what was written. Choose another backup.`,
      );
  }
}

/** Reads a backup whole; answers its beginning and how many rows it has. */
export async function checkBackup(
  file: string,
): Promise<{ readonly head: Head; readonly rows: number }> {
  let head: Head | null = null;
  let rows = 0;
  try {
    for await (const each of readBackup(file))
      if ('format' in each) head = each;
      else rows++;
  } catch (error) {
    if (error instanceof BackupRefused) throw error;
    const { code } = error as { code?: string };
    throw new BackupRefused(`${file} can’t be read (${code ?? 'broken'}). Choose another backup.`);
  }
  if (!head) throw new BackupRefused(`${file} is empty. Choose another backup.`);
  return { head, rows };
}
