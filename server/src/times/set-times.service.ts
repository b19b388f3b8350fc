import { Inject, Injectable } from '@nestjs/common';
import type { Me, MoreTimeRequest, TimesRequest } from '@gleddo/contract';
import { and, eq } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { handOuts, members, moreTimes, tries } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { LateAgainService } from './late-again.service.js';

const momentOf = (at: string | null): Date | null => (at === null ? null : new Date(at));

/** What is left out stays as it was. */
const withoutUnsaid = <T extends object>(all: T): Partial<T> =>
  Object.fromEntries(Object.entries(all).filter(([, each]) => each !== undefined)) as Partial<T>;

/** Says from when to when an exercise is open: for a class, or longer for one student. */
@Injectable()
export class SetTimesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly audit: AuditService,
    private readonly late: LateAgainService,
  ) {}

  async forClass(me: Me, exerciseId: string, request: TimesRequest): Promise<void> {
    const { groupId, late, lateOff, minutes, tries: many, counts } = request;
    const [opensAt, closesAt] = [momentOf(request.opensAt), momentOf(request.closesAt)];
    if (opensAt && closesAt && closesAt <= opensAt)
      throw refuse(
        'times.order',
        'It would close before it opens. Give a closing time that is later than the opening.',
        'closesAt',
      );
    const said = withoutUnsaid({ lateOff, minutes, tries: many, counts });
    await this.db.transaction(async (tx) => {
      const [changed] = await tx
        .update(handOuts)
        .set({ opensAt, closesAt, late, ...said })
        .where(and(eq(handOuts.exerciseId, exerciseId), eq(handOuts.groupId, groupId)))
        .returning({ id: handOuts.groupId });
      if (!changed) throw notFound('This class group, among those that have the exercise,');
      await this.audit.write('times-set', me.id, { aboutId: exerciseId, db: tx });
    });
    await this.late.of(exerciseId);
  }

  async forStudent(me: Me, exerciseId: string, request: MoreTimeRequest): Promise<void> {
    const { personId } = request;
    const until = momentOf(request.until);
    await this.refuseOthers(exerciseId, personId);
    await this.db.transaction(async (tx) => {
      if (until === null)
        await tx
          .delete(moreTimes)
          .where(and(eq(moreTimes.exerciseId, exerciseId), eq(moreTimes.personId, personId)));
      else await putUntil(tx, { exerciseId, personId, until });
      await this.audit.write('more-time', me.id, { aboutId: personId, db: tx });
    });
    await this.late.of(exerciseId);
  }

  /** Nobody has more time who does not have the exercise. */
  private async refuseOthers(exerciseId: string, personId: string): Promise<void> {
    const [found] = await this.db
      .select({ id: members.personId })
      .from(members)
      .innerJoin(handOuts, eq(handOuts.groupId, members.groupId))
      .where(and(eq(handOuts.exerciseId, exerciseId), eq(members.personId, personId)));
    if (!found) throw notFound('This student, in a class that has the exercise,');
  }
}

/** A closing time holds again for a work that was opened once more. */
async function putUntil(
  tx: Queries,
  more: { readonly exerciseId: string; readonly personId: string; readonly until: Date },
): Promise<void> {
  const { exerciseId, personId, until } = more;
  await tx
    .insert(moreTimes)
    .values(more)
    .onConflictDoUpdate({ target: [moreTimes.exerciseId, moreTimes.personId], set: { until } });
  const work = and(eq(tries.exerciseId, exerciseId), eq(tries.personId, personId));
  await tx
    .update(tries)
    .set({ closedAt: null })
    .where(and(work, eq(tries.state, 'working')));
}
