import { Inject, Injectable } from '@nestjs/common';
import type { HandedOutTo, Me, SeedShown } from '@gleddo/contract';
import { and, asc, count, eq } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, groups, handOuts, members, people, tries } from '../database/schema/index.js';
import { ownSeed } from './own-seed.js';
import { asTimes, TimesService } from '../times/times.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

const CLASS = {
  ...{ id: groups.id, name: groups.name, at: handOuts.at },
  ...{ opensAt: handOuts.opensAt, closesAt: handOuts.closesAt, late: handOuts.late },
};

/** To which class groups exercises are handed out. Each class has it by itself; none takes it from another. */
@Injectable()
export class HandOutsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly audit: AuditService,
    private readonly times: TimesService,
  ) {}

  /** The class groups of each exercise of an instructor that is handed out. */
  async groupsOf(me: Me): Promise<Map<string, { id: string; name: string }[]>> {
    const rows = await this.db
      .select({ exerciseId: handOuts.exerciseId, id: groups.id, name: groups.name })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
      .where(eq(exercises.ownerId, me.id))
      .orderBy(asc(handOuts.at));
    const found = new Map<string, { id: string; name: string }[]>();
    for (const { exerciseId, ...group } of rows)
      found.set(exerciseId, [...(found.get(exerciseId) ?? []), group]);
    return found;
  }

  /** The class groups that have an exercise, and how many of each have begun. */
  async of(exerciseId: string): Promise<HandedOutTo[]> {
    const rows = await this.db
      .select({ ...CLASS, begun: count(tries.id) })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(
        tries,
        and(eq(tries.personId, members.personId), eq(tries.exerciseId, handOuts.exerciseId)),
      )
      .where(eq(handOuts.exerciseId, exerciseId))
      .groupBy(...Object.values(CLASS))
      .orderBy(asc(handOuts.at));
    return rows.map(({ at, opensAt, closesAt, late, ...row }) => ({
      ...{ ...row, at: at.toISOString() },
      times: this.times.shown(asTimes({ opensAt, closesAt, late })),
    }));
  }

  /** With which seeds the figures of all who have an exercise are drawn, by their names. */
  async seedsOf(exerciseId: string): Promise<SeedShown[]> {
    const rows = await this.db
      .selectDistinct({ id: people.id, name: people.name })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .innerJoin(people, eq(people.id, members.personId))
      .where(eq(handOuts.exerciseId, exerciseId));
    const collator = new Intl.Collator('en');
    return rows
      .map(({ id, name }) => ({ student: name, seed: ownSeed(exerciseId, id) }))
      .sort((a, b) => collator.compare(a.student, b.student));
  }

  async handOut(me: Me, exerciseId: string, groupId: string): Promise<void> {
    const [group] = await this.db
      .select({ id: groups.id })
      .from(groups)
      .where(and(eq(groups.id, groupId), eq(groups.ownerId, me.id)));
    if (!group) throw notFound('This class group');
    await this.db.insert(handOuts).values({ exerciseId, groupId }).onConflictDoNothing();
    await this.audit.write('handed-out', me.id, { aboutId: exerciseId });
  }

  /** Takes it back from a class. Who has begun keeps what they have and may finish it; that is asked first. */
  async takeBack(
    me: Me,
    exerciseId: string,
    { groupId, isSure }: { readonly groupId: string; readonly isSure: boolean },
  ): Promise<void> {
    const group = (await this.of(exerciseId)).find(({ id }) => id === groupId);
    if (!group) throw notFound('This class group');
    if (group.begun > 0 && !isSure)
      throw refuse(
        'hand-out.begun',
        `${group.begun} of ${group.name} ${group.begun === 1 ? 'has' : 'have'} begun. They keep their work and may finish it; nobody else of the class can begin. Say that you are sure.`,
        'sure',
      );
    await this.db
      .delete(handOuts)
      .where(and(eq(handOuts.exerciseId, exerciseId), eq(handOuts.groupId, groupId)));
    await this.audit.write('taken-back', me.id, { aboutId: exerciseId });
  }
}
