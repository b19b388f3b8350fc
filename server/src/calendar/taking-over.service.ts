import { Inject, Injectable } from '@nestjs/common';
import type { Me, TakeOverRequest } from '@gleddo/contract';
import { daysLater } from '@gleddo/core';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, handOuts } from '../database/schema/index.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnExercise } from '../reach/reach.js';
import { TimesService } from '../times/times.service.js';

/** A term goes to the next class: what one class had is handed out to another, all days moved alike, in one step. */
@Injectable()
export class TakingOverService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly handOuts: HandOutsService,
    private readonly times: TimesService,
    private readonly audit: AuditService,
  ) {}

  /** Answers how many exercises the class has now that it did not have before; those it had stay as they are. */
  async run(me: Me, { from, to, days }: TakeOverRequest): Promise<number> {
    if (from === to)
      throw refuse(
        'take-over.same',
        'This is the same class. Choose the one that comes next.',
        'to',
      );
    await this.handOuts.judgeTaught(me, from);
    await this.handOuts.judgeTaught(me, to);
    const had = await this.ofClass(me, from);
    if (had.length === 0)
      throw refuse(
        'take-over.nothing',
        'This class had nothing that you may hand out. Choose another.',
        'from',
      );
    return this.db.transaction(async (tx) => {
      const made = await tx
        .insert(handOuts)
        .values(had.map((each) => ({ ...this.moved(each, days), groupId: to })))
        .onConflictDoNothing()
        .returning({ exerciseId: handOuts.exerciseId });
      for (const { exerciseId } of made)
        await this.audit.write('handed-out', me.id, { aboutId: exerciseId, db: tx });
      return made.length;
    });
  }

  private ofClass(me: Me, groupId: string) {
    return this.db
      .select({
        ...{ exerciseId: handOuts.exerciseId, late: handOuts.late },
        ...{ lateOff: handOuts.lateOff, minutes: handOuts.minutes },
        ...{ tries: handOuts.tries, counts: handOuts.counts },
        ...{ opensAt: handOuts.opensAt, closesAt: handOuts.closesAt },
      })
      .from(handOuts)
      .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
      .where(
        and(
          ...[eq(handOuts.groupId, groupId), isNull(exercises.putAwayAt)],
          sql`coalesce(${mayOnExercise(me.id)}, '') in ('mark', 'change', 'own')`,
        ),
      );
  }

  private moved<T extends { readonly opensAt: Date | null; readonly closesAt: Date | null }>(
    row: T,
    days: number,
  ): T {
    const later = (at: Date | null) =>
      at === null ? null : new Date(daysLater(this.times.zone, at.getTime(), days));
    return { ...row, opensAt: later(row.opensAt), closesAt: later(row.closesAt) };
  }
}
