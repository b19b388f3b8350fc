import { Inject, Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Logger } from 'pino';
import type { Room } from '../database/disk-room.js';
import { rowsOf, type Database, type Engine } from '../database/open-database.js';
import { DATABASE, ENGINE, LOG, ROOM } from '../http/tokens.js';
import { Threads } from '../threads/threads.js';
import { ChecksService } from './checks.service.js';

const LOOK_EVERY = 2_000;
/** A server that has not said for so long that it still has a work is taken to be gone. */
const GONE_AFTER = '6 seconds';
const MOST_TRIES = 3;
const NOT_ITS_FAULT =
  'Something went wrong here, not in the work. Have it checked again in a while.';

/**
 * Takes works that wait to be checked, a few at a time. Several servers on one database share them: each is taken
 * by one. What a server that ended has left undone is taken again; a work handed in that nobody asked for is, too.
 */
@Injectable()
export class CheckRunner {
  private readonly name = nanoid();
  private timer: NodeJS.Timeout | null = null;
  private readonly running = new Set<Promise<void>>();
  private looking = false;
  private again = false;
  private stopped = true;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) private readonly engine: Engine,
    @Inject(LOG) private readonly log: Logger,
    @Inject(ROOM) private readonly room: Room,
    private readonly checks: ChecksService,
    private readonly threads: Threads,
  ) {}

  start(): void {
    this.stopped = false;
    this.checks.onAsked = () => void this.look();
    this.timer = setInterval(() => {
      void this.stillHere()
        .then(() => this.setRight())
        .then(() => this.look());
    }, LOOK_EVERY);
    void this.takeOver()
      .then(() => this.setRight())
      .then(() => this.look());
  }

  /** What the process before this one had begun, where there can be no other. */
  private async takeOver(): Promise<void> {
    if (this.engine === 'shared') return;
    await this.db.execute(
      sql`delete from check_tasks r where state = 'running' and exists (select 1 from check_tasks w where w.try_id = r.try_id and w.state = 'waiting')`,
    );
    await this.db.execute(
      sql`update check_tasks set state = 'waiting', tries = greatest(tries - 1, 0) where state = 'running'`,
    );
  }

  /** Takes nothing more, and waits for what is being checked. */
  async stop(): Promise<void> {
    this.stopped = true;
    if (this.timer) clearInterval(this.timer);
    await Promise.all(this.running);
  }

  /** Says that what was begun here is still being worked on. */
  private async stillHere(): Promise<void> {
    if (this.running.size === 0) return;
    try {
      await this.db.execute(
        sql`update check_tasks set taken_at = now() where taken_by = ${this.name} and state = 'running'`,
      );
    } catch (error) {
      this.log.warn({ err: error }, 'that works are still checked could not be written');
    }
  }

  /** Lets what was left undone wait again, and asks for what nobody has asked for. */
  private async setRight(): Promise<void> {
    if (this.room.isFull) return;
    try {
      await this.db.execute(sql`
        update check_tasks set state = 'waiting', taken_by = null
        where state = 'running'
          and taken_at not between now() - ${GONE_AFTER}::interval and now() + ${GONE_AFTER}::interval
          and not exists (select 1 from check_tasks w where w.try_id = check_tasks.try_id and w.state = 'waiting')`);
      await this.db.execute(sql`
        insert into check_tasks (id, try_id)
        select 'mend-' || t.id || '-' || floor(extract(epoch from now()))::bigint, t.id from tries t
        where t.state = 'handed-in' and t.check_id is null and t.check_fault is null
          and not exists (
            select 1 from check_tasks c where c.try_id = t.id and c.state in ('waiting', 'running')
          )
        on conflict do nothing`);
    } catch (error) {
      this.log.warn({ err: error }, 'works to be checked could not be looked for');
    }
  }

  /** Takes as many as there are threads for; looks again when one is done. */
  private async look(): Promise<void> {
    if (this.looking) this.again = true;
    if (this.looking || this.stopped || this.room.isFull) return;
    this.looking = true;
    try {
      do {
        this.again = false;
        const free = this.threads.forChecks - this.running.size;
        const taken = free > 0 ? await this.take(free) : [];
        for (const task of taken) this.begin(task);
      } while (this.again && !this.stopped);
    } catch (error) {
      this.log.warn({ err: error }, 'works to be checked could not be taken');
    } finally {
      this.looking = false;
    }
  }

  private async take(most: number): Promise<readonly Task[]> {
    const taken = await this.db.execute(sql`
      update check_tasks set state = 'running', taken_by = ${this.name}, taken_at = now(), tries = tries + 1
      where id in (
        select id from check_tasks where state = 'waiting'
        order by job_id is not null, at limit ${most} for update skip locked
      ) returning id, try_id, tries`);
    return rowsOf<Task>(taken);
  }

  private begin(task: Task): void {
    const work = this.finish(task).finally(() => {
      this.running.delete(work);
      void this.look();
    });
    this.running.add(work);
  }

  private async outcome(tryId: string, tries: number): Promise<'done' | 'failed' | 'waiting'> {
    try {
      return await this.checks.run(tryId);
    } catch (error) {
      this.log.error({ err: error }, 'a work could not be checked');
      if (tries < MOST_TRIES) return 'waiting';
      await this.checks.keepFault(tryId, NOT_ITS_FAULT).catch(() => undefined);
      return 'failed';
    }
  }

  private async finish({ id, try_id: tryId, tries }: Task): Promise<void> {
    const state = await this.outcome(tryId, tries);
    try {
      await this.db.execute(sql`
        update check_tasks set state = case
          when ${state} = 'waiting' and exists (select 1 from check_tasks w where w.try_id = ${tryId} and w.state = 'waiting') then 'done'
          else ${state} end
        where id = ${id}`);
    } catch (error) {
      this.log.warn({ err: error }, 'what became of a check could not be written');
    }
  }
}

interface Task {
  readonly id: string;
  readonly try_id: string;
  readonly tries: number;
}
