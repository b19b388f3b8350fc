import { execFile } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Inject, Injectable } from '@nestjs/common';
import { eq, notInArray } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { Database } from '../database/open-database.js';
import { house } from '../database/schema/index.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, LOG, SETTINGS } from '../http/tokens.js';

const LOOK_EVERY = 60_000;
const LONGEST = 3_600_000;
const A_DAY = 86_400_000;
const NAME = 'last-backup';
const DAY = 'backup-day';
const COMMAND = fileURLToPath(new URL('./house.mjs', import.meta.url));
const MADE_HERE = /^gleddo-\d{4}-\d{2}-\d{2}\.backup$/;

/** The last backup that was made by night: when, where, how large; or why there is none. */
export interface LastBackup {
  readonly at: string;
  readonly file: string;
  readonly bytes: number;
  readonly fault: string | null;
}

/** As the clock on the wall has it there: nights are the machine’s own. */
const dayOf = (time: Date): string => time.toLocaleDateString('sv-SE');

/** A backup each night, kept for so many days. It is made by a process of its own; of several servers one makes it. */
@Injectable()
export class Nightly {
  private timer: NodeJS.Timeout | null = null;
  private isMaking = false;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
    @Inject(LOG) private readonly log: Logger,
  ) {}

  start(): void {
    if (this.settings.backups === null) return;
    this.timer = setInterval(() => void this.look(), LOOK_EVERY).unref();
    void this.look();
  }

  stop(): void {
    if (this.timer) clearInterval(this.timer);
  }

  async last(): Promise<LastBackup | null> {
    const [row] = await this.db.select().from(house).where(eq(house.name, NAME));
    return row ? (JSON.parse(row.value) as LastBackup) : null;
  }

  /** Makes one where today’s is due and nobody makes it yet. */
  private async look(now = new Date()): Promise<void> {
    const { backups } = this.settings;
    if (backups === null || this.isMaking || now.getHours() < backups.hour) return;
    this.isMaking = true;
    try {
      if (await this.isMine(now)) await this.make(backups.folder, now);
    } catch (error) {
      this.log.error({ err: error }, 'the backup of the night could not be made');
    } finally {
      this.isMaking = false;
    }
  }

  /** Whether this server is the one that makes the backup of a day; what came to nothing is tried again an hour later. */
  private async isMine(now: Date): Promise<boolean> {
    const value = `${dayOf(now)} tried at ${now.getHours()}`;
    const claimed = await this.db
      .insert(house)
      .values({ name: DAY, value })
      .onConflictDoUpdate({
        target: house.name,
        set: { value },
        setWhere: notInArray(house.value, [dayOf(now), value]),
      })
      .returning({ name: house.name });
    return claimed.length > 0;
  }

  private async make(folder: string, now: Date): Promise<void> {
    const file = join(folder, `gleddo-${dayOf(now)}.backup`);
    mkdirSync(folder, { recursive: true });
    const fault = await this.made(file);
    if (fault === null) await this.done(folder, now);
    else this.log.error({ file, fault }, 'the backup of the night could not be made');
    const bytes = fault === null ? statSync(file).size : 0;
    const value = JSON.stringify({ at: now.toISOString(), file, bytes, fault });
    await this.db
      .insert(house)
      .values({ name: NAME, value })
      .onConflictDoUpdate({ target: house.name, set: { value } });
  }

  private async done(folder: string, now: Date): Promise<void> {
    this.clearBefore(folder, now);
    await this.db
      .update(house)
      .set({ value: dayOf(now) })
      .where(eq(house.name, DAY));
  }

  /** Null when it was made; else why not. */
  private made(file: string): Promise<string | null> {
    const { url, folder } = this.settings.database;
    const env = {
      ...process.env,
      GLEDDO_DATA: folder,
      ...(url === null ? {} : { DATABASE_URL: url }),
    };
    return new Promise((resolve) => {
      execFile(
        process.execPath,
        [COMMAND, 'backup', file],
        { env, timeout: LONGEST },
        (error, _, says) => resolve(error ? says.trim() || error.message : null),
      );
    });
  }

  /** Those that are older than they are kept; nothing else that lies there. */
  private clearBefore(folder: string, now: Date): void {
    const days = this.settings.backups?.days ?? 0;
    const first = `gleddo-${dayOf(new Date(now.getTime() - days * A_DAY))}.backup`;
    for (const name of readdirSync(folder))
      if (MADE_HERE.test(name) && name < first) rmSync(join(folder, name));
  }
}
