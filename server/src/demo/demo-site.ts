import { Inject, Injectable } from '@nestjs/common';
import { eq, sql } from 'drizzle-orm';
import type { Database, Engine } from '../database/open-database.js';
import { house, people } from '../database/schema/index.js';
import { DATABASE, ENGINE } from '../http/tokens.js';

const NAME = 'demo';
const DONE = 'laid out';
/** A server that lays out the demo beside this one has finished by then. */
const WAITED_FOR = 120_000;
const LOOK_EVERY = 500;

/** Where the demo world is laid out: whether it is to be begun, is being made, or stands. */
@Injectable()
export class DemoSite {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) private readonly engine: Engine,
  ) {}

  /** Whether the world is to be laid out here and now. What was left half done is cleared away first. */
  async begin(): Promise<boolean> {
    const state = await this.state();
    if (state === DONE) return false;
    if (state === null) return this.claim();
    if (this.engine === 'shared' && (await this.isFinishedByAnother())) return false;
    await this.clear();
    return this.claim();
  }

  async finish(): Promise<void> {
    await this.db.update(house).set({ value: DONE }).where(eq(house.name, NAME));
  }

  /** Not where people are already that the demo did not make. */
  private async claim(): Promise<boolean> {
    const [somebody] = await this.db.select({ id: people.id }).from(people).limit(1);
    if (somebody) return false;
    const claimed = await this.db
      .insert(house)
      .values({ name: NAME, value: 'begun' })
      .onConflictDoNothing()
      .returning({ name: house.name });
    return claimed.length > 0 || !(await this.isFinishedByAnother());
  }

  private async state(): Promise<string | null> {
    const [row] = await this.db.select().from(house).where(eq(house.name, NAME));
    return row?.value ?? null;
  }

  private async isFinishedByAnother(): Promise<boolean> {
    for (const until = Date.now() + WAITED_FOR; Date.now() < until;) {
      if ((await this.state()) === DONE) return true;
      await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY));
    }
    return false;
  }

  private async clear(): Promise<void> {
    await this.db.execute(
      sql`truncate house, audit, check_tasks, check_jobs, notes, checks, tries, rehearsals, keys, hand_outs, exercises, companies, book_snapshots, book_moments, book_operations, books, members, groups, sessions, people cascade`,
    );
  }
}
