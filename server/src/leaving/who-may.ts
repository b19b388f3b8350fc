import { Inject, Injectable } from '@nestjs/common';
import type { LeavingKind, Me } from '@gleddo/contract';
import { and, eq, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import {
  exercises,
  formerMembers,
  groups,
  handOuts,
  members,
  people,
} from '../database/schema/index.js';
import { WhoseStudents } from '../groups/whose-students.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { groupsTaughtBy } from '../reach/reach.js';

/** What somebody may delete, by kind and id. */
export interface Thing {
  readonly kind: LeavingKind;
  readonly id: string;
}

/** A thing that one may delete. */
export interface Found extends Thing {
  readonly name: string;
  /** Whether it is an instructor. */
  readonly isInstructor: boolean;
}

const HEAD_STAYS = () =>
  refuse(
    'leaving.head',
    'The head of the house is not deleted: without one nobody could invite instructors or set passwords.',
  );

const ASK_HEAD = () =>
  refuse(
    'leaving.ask-head',
    'Your companies, exercises and classes hang on you. Ask the head of the house, who says to whom they pass.',
  );

const othersHaveIt = (group: string, by: string) =>
  refuse(
    'leaving.others-have-it',
    `${by} has handed it out to ${group}, whose works would go with it. Put it away instead, or ask ${by} to take it back.`,
  );

const SHARED = () =>
  refuse(
    'leaving.shared',
    'They are in a colleague’s class, too, with works of their own there. Take them out of your class instead; the head of the house deletes people.',
  );

/** Who may delete what: the owner an exercise or a class; oneself and whoever teaches them a student; the head an instructor. */
@Injectable()
export class WhoMayDelete {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly whose: WhoseStudents,
  ) {}

  async find(me: Me, { kind, id }: Thing): Promise<Found> {
    if (kind === 'person') return this.person(me, id);
    if (me.role !== 'instructor') throw notFound('What is to be deleted');
    const table = kind === 'exercise' ? exercises : groups;
    const name = kind === 'exercise' ? exercises.title : groups.name;
    const [row] = await this.db
      .select({ name })
      .from(table)
      .where(and(eq(table.id, id), eq(table.ownerId, me.id)));
    if (!row) throw notFound(kind === 'exercise' ? 'This exercise' : 'This class group');
    return { kind, id, name: row.name, isInstructor: false };
  }

  /** What a colleague’s class works at is not taken from it. */
  async refuseWhereOthersHaveIt(me: Me, { kind, id: exerciseId }: Thing): Promise<void> {
    if (kind !== 'exercise') return;
    const [other] = await this.db
      .select({ group: groups.name, by: people.name })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .innerJoin(people, eq(people.id, groups.ownerId))
      .where(
        and(eq(handOuts.exerciseId, exerciseId), sql`${groups.id} not in ${groupsTaughtBy(me.id)}`),
      )
      .limit(1);
    if (other) throw othersHaveIt(other.group, other.by);
  }

  private async person(me: Me, id: string): Promise<Found> {
    const [row] = await this.db.select().from(people).where(eq(people.id, id));
    const isInstructor = row?.role === 'instructor';
    if (!row || !(await this.mayPerson(me, id, isInstructor))) throw notFound('This person');
    if (row.isHead) throw HEAD_STAYS();
    if (isInstructor && !me.isHead) throw ASK_HEAD();
    return { kind: 'person', id, name: row.name, isInstructor };
  }

  private async mayPerson(me: Me, id: string, isInstructor: boolean): Promise<boolean> {
    if (me.id === id || me.isHead) return true;
    return me.role === 'instructor' && !isInstructor && (await this.teaches(me, id));
  }

  /** Who teaches a student alone, or did: what a colleague has is not theirs to delete. */
  private async teaches(me: Me, id: string): Promise<boolean> {
    const taught = await Promise.all(
      [members, formerMembers].map((table) => this.in(table, me, id)),
    );
    if (!taught.includes(true)) return false;
    if ((await this.whose.shared(me, [id])).has(id)) throw SHARED();
    return true;
  }

  private async in(table: typeof members | typeof formerMembers, me: Me, id: string) {
    const found = await this.db
      .select({ id: table.personId })
      .from(table)
      .innerJoin(groups, eq(groups.id, table.groupId))
      .where(and(eq(table.personId, id), eq(groups.ownerId, me.id)))
      .limit(1);
    return found.length > 0;
  }
}
