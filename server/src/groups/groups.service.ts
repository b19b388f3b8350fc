import { Inject, Injectable } from '@nestjs/common';
import type { FormerMember, GroupAnswer, GroupSummary, Me, Member } from '@gleddo/contract';
import { and, count, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { formerMembers, groups, members, people } from '../database/schema/index.js';
import { notFound } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { IS_HERE, WhoseStudents } from './whose-students.js';

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
      .select({ id: groups.id, name: groups.name, students: count(people.id) })
      .from(groups)
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(people, and(eq(people.id, members.personId), IS_HERE))
      .where(eq(groups.ownerId, me.id))
      .groupBy(groups.id, groups.name);
    return collated(rows);
  }

  async create(me: Me, name: string): Promise<GroupSummary> {
    const id = nanoid();
    await this.db.insert(groups).values({ id, name: name.trim(), ownerId: me.id });
    return { id, name: name.trim(), students: 0 };
  }

  async rename(me: Me, id: string, name: string): Promise<GroupSummary> {
    await this.own(me, id);
    await this.db.update(groups).set({ name: name.trim() }).where(eq(groups.id, id));
    const { students } = await this.open(me, id);
    return { id, name: name.trim(), students };
  }

  /** A class group of one’s own. */
  async own(me: Me, id: string, db: Queries = this.db): Promise<typeof groups.$inferSelect> {
    const [group] = await db
      .select()
      .from(groups)
      .where(and(eq(groups.id, id), eq(groups.ownerId, me.id)));
    if (!group) throw notFound('This class group');
    return group;
  }

  async open(me: Me, id: string): Promise<GroupAnswer> {
    const { name } = await this.own(me, id);
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
    const ids = [...now, ...before].map((student) => student.id);
    const shared = await this.whose.shared(me, ids);
    const mine = (student: { readonly id: string }) => ({ mayChange: !shared.has(student.id) });
    const all: Member[] = now.map((each) => ({ ...each, ...mine(each) }));
    const former: FormerMember[] = before.map((each) => ({
      ...{ ...each, ...mine(each) },
      leftAt: each.leftAt.toISOString(),
    }));
    return { id, name, students: all.length, members: collated(all), former: collated(former) };
  }
}

const collator = new Intl.Collator('en');
const collated = <T extends { name: string }>(rows: T[]): T[] =>
  rows.sort((a, b) => collator.compare(a.name, b.name));
