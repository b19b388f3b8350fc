import { Inject, Injectable, type OnModuleInit } from '@nestjs/common';
import type { HouseShown } from '@gleddo/contract';
import { count, gt, sql } from 'drizzle-orm';
import { BookTexts } from '../books/book-texts.js';
import type { Room } from '../database/disk-room.js';
import { rowsOf, type Database, type Engine } from '../database/open-database.js';
import { checkTasks, people, sessions, tries } from '../database/schema/index.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, ENGINE, ROOM, SETTINGS } from '../http/tokens.js';
import { Threads } from '../threads/threads.js';
import { OwnLettersService } from '../letters/own-letters.service.js';
import { Measures } from './measures.js';
import { Nightly } from './nightly.js';

const LATELY = 900_000;

/** How the house is: what runs, what waits, how large it is, when it was last kept. */
@Injectable()
export class HouseService implements OnModuleInit {
  private readonly since = new Date();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) private readonly engine: Engine,
    @Inject(ROOM) private readonly room: Room,
    @Inject(SETTINGS) private readonly settings: Settings,
    private readonly threads: Threads,
    private readonly texts: BookTexts,
    private readonly nightly: Nightly,
    private readonly measures: Measures,
    private readonly letters: OwnLettersService,
  ) {}

  onModuleInit(): void {
    const { measures } = this;
    measures.tell('tasks_waiting', 'Tasks that wait for a thread.', () => this.threads.waiting);
    measures.tell(
      'texts_waiting',
      'Books whose text is to follow their history.',
      () => this.texts.waiting,
    );
    measures.tell('checks_waiting', 'Works that wait to be checked.', () => this.toCheck());
    measures.tell('disk_full', 'Whether nothing is written for want of room.', () =>
      Number(this.room.isFull),
    );
    measures.tell(
      'disk_free_bytes',
      'Room on the disk of the embedded database.',
      () => this.room.free ?? NaN,
    );
    measures.tell('database_bytes', 'Size of the database.', () => this.bytes());
  }

  async shown(): Promise<HouseShown> {
    const here = gt(sessions.seenAt, new Date(Date.now() - LATELY));
    return {
      engine: this.engine,
      since: this.since.toISOString(),
      isDiskFull: this.room.isFull,
      diskFree: this.room.free,
      bytes: await this.bytes(),
      people: await this.db.$count(people),
      here: await this.hereLately(here),
      tries: await this.db.$count(tries),
      toCheck: await this.toCheck(),
      failed: await this.db.$count(tries, sql`${tries.checkFault} is not null`),
      tasksWaiting: this.threads.waiting,
      textsWaiting: this.texts.waiting,
      backups: this.settings.backups,
      letters: await this.letters.shown(),
      lastBackup: await this.nightly.last(),
    };
  }

  private async hereLately(here: ReturnType<typeof gt>): Promise<number> {
    const [row] = await this.db
      .select({ n: count(sql`distinct ${sessions.personId}`) })
      .from(sessions)
      .where(here);
    return row?.n ?? 0;
  }

  private toCheck = (): Promise<number> =>
    this.db.$count(checkTasks, sql`${checkTasks.state} in ('waiting', 'running')`);

  private async bytes(): Promise<number> {
    const found = await this.db.execute(
      sql`select pg_database_size(current_database())::float8 as bytes`,
    );
    return rowsOf<{ bytes: number }>(found)[0]?.bytes ?? 0;
  }
}
