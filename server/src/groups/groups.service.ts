import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { AddedStudents, GroupAnswer, GroupSummary, Me } from '@gleddo/contract';
import { slugOf } from '@gleddo/core';
import { and, count, eq, like } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import { groups, members, people } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { PeopleService } from '../people/people.service.js';

const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const password = (): string =>
  Array.from({ length: 12 }, () => LETTERS[randomInt(LETTERS.length)]).join('');

/** Class groups and the students in them. */
@Injectable()
export class GroupsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly people: PeopleService,
  ) {}

  async list(me: Me): Promise<GroupSummary[]> {
    const rows = await this.db
      .select({ id: groups.id, name: groups.name, students: count(members.personId) })
      .from(groups)
      .leftJoin(members, eq(members.groupId, groups.id))
      .where(eq(groups.ownerId, me.id))
      .groupBy(groups.id, groups.name);
    return collated(rows);
  }

  async create(me: Me, name: string): Promise<GroupSummary> {
    const id = nanoid();
    await this.db.insert(groups).values({ id, name: name.trim(), ownerId: me.id });
    return { id, name: name.trim(), students: 0 };
  }

  async open(me: Me, id: string): Promise<GroupAnswer> {
    const [group] = await this.db
      .select()
      .from(groups)
      .where(and(eq(groups.id, id), eq(groups.ownerId, me.id)));
    if (!group) throw notFound('This class group');
    const students = await this.db
      .select({ id: people.id, name: people.name, login: people.login })
      .from(members)
      .innerJoin(people, eq(people.id, members.personId))
      .where(eq(members.groupId, id));
    return { id, name: group.name, students: students.length, members: collated(students) };
  }

  /** Adds students by their names; each gets a name to sign in with and a password, shown this once. */
  async add(me: Me, id: string, names: readonly string[]): Promise<AddedStudents> {
    const group = await this.open(me, id);
    const fresh = names.map((name) => name.trim()).filter((name) => name !== '');
    const twice = fresh.find((name) => group.members.some((member) => member.name === name));
    if (twice)
      throw refuse(
        'group.twice',
        `“${twice}” is in this class group already. Add something that tells them apart.`,
        'names',
      );
    const added: AddedStudents['added'][number][] = [];
    for (const name of fresh) {
      const login = await this.freeLogin(slugOf(name).replaceAll('-', '.') || 'student');
      const secret = password();
      const person = await this.people.add({ name, login, password: secret, role: 'student' });
      await this.db.insert(members).values({ groupId: id, personId: person.id });
      added.push({ id: person.id, name, login, password: secret });
    }
    return { added };
  }

  private async freeLogin(wanted: string): Promise<string> {
    const alike = await this.db
      .select({ login: people.login })
      .from(people)
      .where(like(people.login, `${wanted}%`));
    const taken = new Set(alike.map(({ login }) => login));
    for (let n = 1; ; n++) {
      const login = n === 1 ? wanted : `${wanted}${n}`;
      if (!taken.has(login)) return login;
    }
  }
}

const collator = new Intl.Collator('en');
const collated = <T extends { name: string }>(rows: T[]): T[] =>
  rows.sort((a, b) => collator.compare(a.name, b.name));
