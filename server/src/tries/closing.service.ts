import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { isClosed } from '@gleddo/core';
import { and, eq, isNull, lt, or, sql } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { Database } from '../database/open-database.js';
import { handOuts, tries } from '../database/schema/index.js';
import { DATABASE, LOG } from '../http/tokens.js';
import { ChecksService } from '../results/checks.service.js';
import { closedNow } from '../times/came-in.js';
import { TimesService } from '../times/times.service.js';

/** The minutes that a try has, for the class or another, may be over. */
const isUsedUp = (now: Date) =>
  sql`${tries.startedAt} + make_interval(mins => ${handOuts.minutes}) < ${now.toISOString()}::timestamptz`;

const LOOK_EVERY = 5_000;

/**
 * Hands in, as it stands, what is still open when an exercise has closed. Looked for again and again, so that a server that
 * was away at the closing minute does it when it is back; of several servers each work is handed in by one.
 */
@Injectable()
export class ClosingService implements OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private looking: Promise<void> = Promise.resolve();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(LOG) private readonly log: Logger,
    private readonly times: TimesService,
    private readonly checks: ChecksService,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.look(), LOOK_EVERY).unref();
  }

  onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    return this.looking;
  }

  /** Closes what is due, one look after the other. */
  look(): Promise<void> {
    this.looking = this.looking
      .then(() => this.closeAll())
      .catch((fault: unknown) => this.log.error({ fault }, 'closing works failed; tried again'));
    return this.looking;
  }

  private async closeAll(now = new Date()): Promise<void> {
    const due = await this.db
      .selectDistinct({ exerciseId: handOuts.exerciseId })
      .from(handOuts)
      .innerJoin(tries, eq(tries.exerciseId, handOuts.exerciseId))
      .where(
        and(
          or(and(lt(handOuts.closesAt, now), eq(handOuts.late, 'refused')), isUsedUp(now)),
          ...[eq(tries.state, 'working'), isNull(tries.closedAt)],
        ),
      );
    for (const { exerciseId } of due) await this.closeOf(exerciseId, now);
  }

  private async closeOf(exerciseId: string, now: Date): Promise<void> {
    const timesOf = await this.times.ofExercise(exerciseId);
    const open = await this.db
      .select({ id: tries.id, personId: tries.personId, startedAt: tries.startedAt })
      .from(tries)
      .where(
        and(eq(tries.exerciseId, exerciseId), eq(tries.state, 'working'), isNull(tries.closedAt)),
      );
    for (const { id, personId, startedAt } of open)
      if (isClosed(timesOf(personId, { startedAt }), now.getTime())) await this.close(id, now);
  }

  private async close(tryId: string, now: Date): Promise<void> {
    await this.db.transaction(async (tx) => {
      const [closed] = await tx
        .update(tries)
        .set(closedNow(now))
        .where(and(eq(tries.id, tryId), eq(tries.state, 'working'), isNull(tries.closedAt)))
        .returning({ id: tries.id });
      if (closed) await this.checks.ask(tryId, tx);
    });
    this.checks.onAsked();
  }
}
