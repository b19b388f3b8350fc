import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { dayIn, letterOf } from '@gleddo/core';
import { eq, lt, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Logger } from 'pino';
import type { Database } from '../database/open-database.js';
import { letters, people } from '../database/schema/index.js';
import { addressOf, type Settings } from '../http/settings.js';
import { DATABASE, LOG, SETTINGS } from '../http/tokens.js';
import { LetterBox } from './letter-box.js';
import { LetterNewsService, type LetterDay } from './letter-news.js';

const A_DAY = 86_400_000;
/** For so long it is kept what was written. */
const KEPT = 60 * A_DAY;
/** So many go out in one step: another server takes the next. */
const AT_ONCE = 10;
/** What could not go by then is news no more. */
const MOST_TRIES = 24;
/** Minutes until what could not go is tried again, times how often it was. */
const PAUSE = 10;

/** The letters of a day: written from its hour on, one a person, and sent until they are gone. */
@Injectable()
export class LettersService implements OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private looking: Promise<void> = Promise.resolve();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
    @Inject(LOG) private readonly log: Logger,
    private readonly news: LetterNewsService,
    private readonly box: LetterBox,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.look(), this.settings.letters.every * 1_000).unref();
  }

  onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    return this.looking;
  }

  private look(now = new Date()): Promise<void> {
    this.looking = this.looking
      .then(async () => {
        if (dayIn(this.settings.zone, now.getTime()).hour >= this.settings.letters.hour)
          await this.write(now);
        await this.sendAll(now);
      })
      .catch((err: unknown) => this.log.error({ err }, 'letters failed; tried again'));
    return this.looking;
  }

  /** Writes today’s letters to all who have had none; of several servers each is written by one. */
  private async write(now: Date): Promise<void> {
    const day = this.dayOf(now);
    await this.db.delete(letters).where(lt(letters.madeAt, new Date(now.getTime() - KEPT)));
    const address = addressOf(this.settings);
    const { zone } = this.settings;
    for (const { id, name, news } of await this.news.of(day)) {
      const letter = letterOf(news, { name, address, zone, now: now.getTime() });
      if (!letter) continue;
      await this.db
        .insert(letters)
        .values({ id: nanoid(), personId: id, day: day.day, madeAt: now, ...letter })
        .onConflictDoNothing();
    }
  }

  /** Soon is until the end of tomorrow, as the school’s clock has it. */
  private dayOf(now: Date): LetterDay {
    const { day, hour, minute } = dayIn(this.settings.zone, now.getTime());
    const sinceMidnight = (hour * 60 + minute) * 60_000;
    return { day, now, soon: new Date(now.getTime() - sinceMidnight + 2 * A_DAY) };
  }

  private async sendAll(now: Date): Promise<void> {
    for (;;) {
      const taken = await this.take(now);
      for (const each of taken) await this.send(each);
      if (taken.length < AT_ONCE) return;
    }
  }

  /** Takes some to be sent: each try counts before it is made, so that nobody is written to without end. */
  private async take(now: Date) {
    const at = sql`${now.toISOString()}::timestamptz`;
    return this.db
      .update(letters)
      .set({ tried: sql`${letters.tried} + 1`, fault: null })
      .where(
        sql`${letters.id} in (select l.id from letters l where l.sent_at is null and l.tried < ${MOST_TRIES}
          and (l.tried = 0 or l.fault is not null)
          and l.made_at + make_interval(mins => ${PAUSE} * l.tried) <= ${at}
          order by l.made_at limit ${AT_ONCE} for update skip locked)`,
      )
      .returning();
  }

  private async send({ id, personId, subject, text }: typeof letters.$inferSelect): Promise<void> {
    const [to] = await this.db.select().from(people).where(eq(people.id, personId));
    try {
      if (to && to.email !== '')
        await this.box.send({ id, to: { name: to.name, address: to.email }, subject, text });
      await this.db.update(letters).set({ sentAt: new Date() }).where(eq(letters.id, id));
    } catch (err) {
      this.log.warn({ err, id }, 'a letter could not be sent');
      const fault = err instanceof Error ? err.message : String(err);
      await this.db.update(letters).set({ fault }).where(eq(letters.id, id));
    }
  }
}
