import { Inject, Injectable } from '@nestjs/common';
import type { HandedOutTo, Me, SeedShown } from '@gleddo/contract';
import { and, asc, count, eq, inArray, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { exercises, groups, handOuts, members, people, tries } from '../database/schema/index.js';
import { ownSeed } from './own-seed.js';
import { asTimes, TimesService } from '../times/times.service.js';
import { groupSaid } from '../groups/of-class.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { groupsSeenBy, groupsTaughtBy, seesWork } from '../reach/reach.js';

const SEEN = {
  exercise: sql.raw('"exercises"."id"'),
  person: sql.raw('"people"."id"'),
  owner: sql.raw('"exercises"."owner_id"'),
};

/** Handed out to a class whose works somebody sees. */
export const isSeenBy = (me: Me) => sql`${handOuts.groupId} in ${groupsSeenBy(me.id)}`;

const CLASS = {
  ...{ id: groups.id, name: groupSaid('groups'), within: groups.withinId, at: handOuts.at },
  ...{ opensAt: handOuts.opensAt, closesAt: handOuts.closesAt, late: handOuts.late },
  ...{ lateOff: handOuts.lateOff, minutes: handOuts.minutes },
  ...{ tries: handOuts.tries, counts: handOuts.counts },
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
  async groupsOf(
    me: Me,
    among: readonly string[],
  ): Promise<Map<string, { id: string; name: string }[]>> {
    const rows = await this.db
      .select({ exerciseId: handOuts.exerciseId, id: groups.id, name: groupSaid('groups') })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .where(
        and(
          inArray(handOuts.exerciseId, [...among]),
          sql`${handOuts.groupId} in ${groupsSeenBy(me.id)}`,
        ),
      )
      .orderBy(asc(handOuts.at));
    const found = new Map<string, { id: string; name: string }[]>();
    for (const { exerciseId, ...group } of rows)
      found.set(exerciseId, [...(found.get(exerciseId) ?? []), group]);
    return found;
  }

  /** The class groups of somebody that have an exercise, and how many of each have begun. */
  async of(exerciseId: string, me: Me): Promise<HandedOutTo[]> {
    const rows = await this.db
      .select({ ...CLASS, begun: count(tries.id) })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(
        tries,
        and(eq(tries.personId, members.personId), eq(tries.exerciseId, handOuts.exerciseId)),
      )
      .where(and(eq(handOuts.exerciseId, exerciseId), isSeenBy(me)))
      .groupBy(...Object.values(CLASS))
      .orderBy(asc(handOuts.at));
    return rows.map(({ id, name, within, begun, at, ...given }) => ({
      ...{ id, name, classId: within ?? id, begun, at: at.toISOString() },
      times: this.times.shown(asTimes(given)),
    }));
  }

  /** With which seeds the figures of all who have an exercise are drawn, by their names. */
  async seedsOf(me: Me, exerciseId: string): Promise<SeedShown[]> {
    const rows = await this.db
      .selectDistinct({ id: people.id, name: people.name })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .innerJoin(people, eq(people.id, members.personId))
      .where(and(eq(handOuts.exerciseId, exerciseId), isSeenBy(me)));
    const collator = new Intl.Collator('en');
    return rows
      .map(({ id, name }) => ({ student: name, seed: ownSeed(exerciseId, id) }))
      .sort((a, b) => collator.compare(a.student, b.student));
  }

  /** Those of some people whose works at an exercise somebody sees. */
  async seenOf<T extends { readonly personId: string }>(
    me: Me,
    exerciseId: string,
    all: readonly T[],
  ): Promise<T[]> {
    if (all.length === 0) return [];
    const seen = await this.seesOf(me, exerciseId);
    return all.filter(({ personId }) => seen(personId));
  }

  /** Whose works at an exercise somebody sees, of all who have it or did it. */
  async seesOf(me: Me, exerciseId: string): Promise<(personId: string) => boolean> {
    const rows = await this.db
      .select({ id: people.id })
      .from(people)
      .innerJoin(exercises, eq(exercises.id, exerciseId))
      .where(
        and(
          sql`${people.id} in (select w.person_id from tries w where w.exercise_id = ${exerciseId}
            union select m.person_id from members m join hand_outs h on h.group_id = m.group_id
              where h.exercise_id = ${exerciseId})`,
          seesWork(me.id, SEEN),
        ),
      );
    const ids = new Set(rows.map(({ id }) => id));
    return (personId) => ids.has(personId);
  }

  /** Refuses a student whose work at an exercise is not theirs to see. */
  async judgeSeen(me: Me, exerciseId: string, personId: string): Promise<void> {
    if (!(await this.seesOf(me, exerciseId))(personId))
      throw notFound('This student, in a class that has the exercise,');
  }

  /** Refuses a class that somebody does not teach. */
  async judgeTaught(me: Me, groupId: string): Promise<void> {
    const [group] = await this.db
      .select({ id: groups.id })
      .from(groups)
      .where(and(eq(groups.id, groupId), sql`${groups.id} in ${groupsTaughtBy(me.id)}`));
    if (!group) throw notFound('This class group');
  }

  async handOut(me: Me, exerciseId: string, groupId: string): Promise<void> {
    await this.judgeTaught(me, groupId);
    if (await this.handOutIn(this.db, exerciseId, groupId))
      await this.audit.write('handed-out', me.id, { aboutId: exerciseId });
  }

  /** Whether the class did not have it yet. */
  async handOutIn(db: Queries, exerciseId: string, groupId: string): Promise<boolean> {
    const made = await db
      .insert(handOuts)
      .values({ exerciseId, groupId })
      .onConflictDoNothing()
      .returning({ groupId: handOuts.groupId });
    return made.length > 0;
  }

  /** Takes it back from a class. Who has begun keeps what they have and may finish it; that is asked first. */
  async takeBack(
    me: Me,
    exerciseId: string,
    { groupId, isSure }: { readonly groupId: string; readonly isSure: boolean },
  ): Promise<void> {
    await this.judgeTaught(me, groupId);
    const group = (await this.of(exerciseId, me)).find(({ id }) => id === groupId);
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
