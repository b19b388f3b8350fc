import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import {
  dayIn,
  daysLater,
  instructorLetterOf,
  isPressing,
  letterOf,
  type Letter,
  type LetterTo,
} from '@gleddo/core';
import { and, eq, inArray, lt, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Logger } from 'pino';
import type { Database } from '../database/open-database.js';
import { letters, people } from '../database/schema/index.js';
import { addressOf, type Settings } from '../http/settings.js';
import { DATABASE, LOG, SETTINGS } from '../http/tokens.js';
import { LetterBox } from './letter-box.js';
import { isToGo } from './waiting-letters.js';
import { InstructorNewsService } from './instructor-news.js';
import { LetterNewsService } from './letter-news.js';
import type { LetterDay } from './written-to.js';

const A_DAY = 86_400_000;
/** For so long it is kept what was written. */
const KEPT = 60 * A_DAY;
/** What there is for instructors is asked for one by one: at each so many looks only. */
const SELDOM = 15;
/** Minutes until what could not go is tried again, times how often it was. */
const PAUSE = 10;

interface Written {
  readonly id: string;
  readonly name: string;
}

interface Keeping {
  readonly day: LetterDay;
  readonly to: Written;
  /** Null: there is nothing to tell. */
  readonly letter: Letter | null;
}

/** The letters of a day: written from its hour on, one a person, and sent until they are gone. */
@Injectable()
export class LettersService implements OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private looking: Promise<void> = Promise.resolve();
  private isLooking = false;
  private looks = 0;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
    @Inject(LOG) private readonly log: Logger,
    private readonly news: LetterNewsService,
    private readonly instructorNews: InstructorNewsService,
    private readonly box: LetterBox,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.look(), this.settings.letters.every * 1_000).unref();
  }

  onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    return this.looking;
  }

  /** Sending may take longer than until the next look: then that one is left out. */
  private async look(now = new Date()): Promise<void> {
    if (this.isLooking) return;
    this.isLooking = true;
    this.looking = this.writeAndSend(now)
      .catch((err: unknown) => this.log.error({ err }, 'letters failed; tried again'))
      .finally(() => (this.isLooking = false));
    await this.looking;
  }

  private async writeAndSend(now: Date): Promise<void> {
    const { zone, letters: asked } = this.settings;
    if (dayIn(zone, now.getTime()).hour >= asked.hour) await this.write(now);
    await this.sendAll(now);
  }

  /** Writes today’s letters to all who have had none; of several servers each is written by one. */
  private async write(now: Date): Promise<void> {
    const day = this.dayOf(now);
    await this.db.delete(letters).where(lt(letters.madeAt, new Date(now.getTime() - KEPT)));
    const keep = (to: Written, letter: Letter | null) => this.keep({ day, to, letter });
    for (const { news, ...to } of await this.news.of(day))
      await keep(to, letterOf(news, this.to(to, now)));
    if (this.looks++ % SELDOM === 0) await this.writeToInstructors(day, keep);
  }

  private async writeToInstructors(
    day: LetterDay,
    keep: (to: Written, letter: Letter | null) => Promise<void>,
  ): Promise<void> {
    const { now } = day;
    const isTheHour = dayIn(this.settings.zone, now.getTime()).hour === this.settings.letters.hour;
    for (const { news, ...to } of await this.instructorNews.of(day))
      if (isTheHour || isPressing(news)) await keep(to, instructorLetterOf(news, this.to(to, now)));
  }

  private to({ name }: Written, now: Date): LetterTo {
    const { zone } = this.settings;
    return { name, address: addressOf(this.settings), zone, now: now.getTime() };
  }

  private async keep({ day, to, letter }: Keeping): Promise<void> {
    if (!letter) return;
    await this.db
      .insert(letters)
      .values({ id: nanoid(), personId: to.id, day: day.day, madeAt: day.now, ...letter })
      .onConflictDoNothing();
  }

  /** Soon is until the end of tomorrow, as the school’s clock has it. */
  private dayOf(now: Date): LetterDay {
    const { day, hour, minute } = dayIn(this.settings.zone, now.getTime());
    const later = new Date(daysLater(this.settings.zone, now.getTime(), 2));
    return { day, now, soon: new Date(later.getTime() - (hour * 60 + minute) * 60_000) };
  }

  private async sendAll(now: Date): Promise<void> {
    for (let next = await this.take(now); next; next = await this.take(now)) await this.send(next);
  }

  /** Takes one to be sent: each try counts before it is made, so that nobody is written to without end. */
  private async take(now: Date) {
    const at = sql`${now.toISOString()}::timestamptz`;
    const due = this.db
      .select({ id: letters.id })
      .from(letters)
      .where(
        and(
          isToGo,
          sql`${letters.madeAt} + make_interval(mins => ${PAUSE} * ${letters.tried}) <= ${at}`,
        ),
      )
      .orderBy(letters.madeAt)
      .limit(1)
      .for('update', { skipLocked: true });
    const [taken] = await this.db
      .update(letters)
      .set({ tried: sql`${letters.tried} + 1`, fault: null })
      .where(inArray(letters.id, due))
      .returning();
    return taken;
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
