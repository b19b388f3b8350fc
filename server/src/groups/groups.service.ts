import { Inject, Injectable } from '@nestjs/common';
import type {
  FormerMember,
  GroupAnswer,
  GroupPart,
  GroupSummary,
  Me,
  Member,
  SharedBy,
} from '@gleddo/contract';
import { and, count, eq, isNotNull, isNull } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import {
  formerMembers,
  groups,
  members,
  people,
  platformCourses,
} from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnGroup, type OnGroup } from '../reach/reach.js';
import { IS_HERE, WhoseStudents } from './whose-students.js';

const owner = alias(people, 'owner');

interface GroupFound {
  readonly name: string;
  readonly shared: SharedBy | null;
}

const sharedBy = (may: OnGroup | null, by: string): SharedBy | null =>
  may === 'own' ? null : { by, how: may === 'teach' ? 'teach' : 'assist' };

const assistsOnly = (name: string) =>
  refuse(
    'group.assists',
    `You assist in this class. Who is in it, and how it is called, is changed by who teaches it: ${name}.`,
  );

export const STUDENT = {
  id: people.id,
  name: people.name,
  login: people.login,
  number: people.number,
  email: people.email,
};

/** Class groups, and who is in them. */
@Injectable()
export class GroupsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly whose: WhoseStudents,
  ) {}

  async list(me: Me): Promise<GroupSummary[]> {
    const rows = await this.db
      .select({
        ...{ id: groups.id, name: groups.name, students: count(people.id) },
        within: groups.withinId,
        ...{ may: mayOnGroup(me.id), owner: owner.name },
      })
      .from(groups)
      .innerJoin(owner, eq(owner.id, groups.ownerId))
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(people, and(eq(people.id, members.personId), IS_HERE))
      .where(isNotNull(mayOnGroup(me.id)))
      .groupBy(groups.id, groups.name, owner.name);
    const parts = collated(rows.filter(({ within }) => within !== null));
    const classes = rows.filter(({ within }) => within === null);
    return collated(
      classes.map(({ may, owner: by, within: _, ...row }) => ({
        ...{ ...row, shared: sharedBy(may, by) },
        parts: parts
          .filter(({ within }) => within === row.id)
          .map(({ id, name, students }) => ({ id, name, students })),
      })),
    );
  }

  async create(me: Me, name: string): Promise<GroupSummary> {
    const id = nanoid();
    await this.db.insert(groups).values({ id, name: name.trim(), ownerId: me.id });
    return { id, name: name.trim(), students: 0, shared: null, parts: [] };
  }

  async rename(me: Me, id: string, name: string): Promise<GroupSummary> {
    await this.own(me, id);
    await this.db.update(groups).set({ name: name.trim() }).where(eq(groups.id, id));
    const { students, shared, parts } = await this.open(me, id);
    return { id, name: name.trim(), students, shared, parts };
  }

  /** A class that one teaches; where it is said, also one in which one only assists. Groups within classes are none. */
  async own(me: Me, id: string, how: OnGroup = 'teach'): Promise<GroupFound> {
    const [group] = await this.db
      .select({ name: groups.name, may: mayOnGroup(me.id), owner: owner.name })
      .from(groups)
      .innerJoin(owner, eq(owner.id, groups.ownerId))
      .where(and(eq(groups.id, id), isNull(groups.withinId)));
    if (!group || group.may === null) throw notFound('This class group');
    if (how === 'teach' && group.may === 'assist') throw assistsOnly(group.owner);
    return { name: group.name, shared: sharedBy(group.may, group.owner) };
  }

  async open(me: Me, id: string): Promise<GroupAnswer> {
    const { name, shared: by } = await this.own(me, id, 'assist');
    const now = await this.db
      .select(STUDENT)
      .from(members)
      .innerJoin(people, eq(people.id, members.personId))
      .where(and(eq(members.groupId, id), IS_HERE));
    const before = await this.db
      .select({ ...STUDENT, leftAt: formerMembers.leftAt })
      .from(formerMembers)
      .innerJoin(people, eq(people.id, formerMembers.personId))
      .where(and(eq(formerMembers.groupId, id), IS_HERE));
    const [course] = await this.db
      .select({ id: platformCourses.id })
      .from(platformCourses)
      .where(and(eq(platformCourses.groupId, id), isNotNull(platformCourses.membersUrl)))
      .limit(1);
    const ids = [...now, ...before].map((student) => student.id);
    const shared = await this.whose.shared(me, ids);
    const mine = (student: { readonly id: string }) => ({ mayChange: !shared.has(student.id) });
    const all: Member[] = now.map((each) => ({ ...each, ...mine(each) }));
    const former: FormerMember[] = before.map((each) => ({
      ...{ ...each, ...mine(each) },
      leftAt: each.leftAt.toISOString(),
    }));
    return {
      ...{ id, name, parts: await this.partsOf(id) },
      shared: by,
      isCourse: course !== undefined,
      students: all.length,
      members: collated(all),
      former: collated(former),
    };
  }

  /** The groups within a class, by name, and who is in them. */
  private async partsOf(classId: string): Promise<GroupPart[]> {
    const rows = await this.db
      .select({ id: groups.id, name: groups.name, personId: people.id })
      .from(groups)
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(people, and(eq(people.id, members.personId), IS_HERE))
      .where(eq(groups.withinId, classId));
    const ids = [...new Set(rows.map(({ id }) => id))];
    const parts = ids.map((id) => {
      const own = rows.filter((row) => row.id === id);
      const who = own.flatMap(({ personId }) => (personId === null ? [] : [personId]));
      return { id, name: own[0]?.name ?? '', students: who.length, members: who };
    });
    return collated(parts);
  }
}

const collator = new Intl.Collator('en');
const collated = <T extends { name: string }>(rows: T[]): T[] =>
  rows.sort((a, b) => collator.compare(a.name, b.name));
