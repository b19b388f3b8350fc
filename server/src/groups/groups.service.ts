import { Inject, Injectable } from '@nestjs/common';
import type {
  AddedStudents,
  AddStudentsRequest,
  GroupAnswer,
  GroupSummary,
  MadePassword,
  Me,
} from '@gleddo/contract';
import { isVisible, slugOf } from '@gleddo/core';
import { and, count, eq, inArray, like, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { isUniqueViolation } from '../books/book-changes.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { groups, members, people } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { hashOfPassword, madePassword } from '../people/passwords.js';
import { PeopleService } from '../people/people.service.js';

/** A student to be added, everything that takes long done. */
interface Fresh {
  readonly name: string;
  readonly password: string;
  readonly passwordHash: string;
}

const MOST_ATTEMPTS = 5;

/** Class groups and the students in them. */
@Injectable()
export class GroupsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly people: PeopleService,
    private readonly audit: AuditService,
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

  /**
   * Adds students by their names, all or none; each gets a name to sign in with and a password, shown this once.
   * Sent again under the same token, since the answer was lost, it adds nobody and makes their passwords anew.
   */
  async add(me: Me, id: string, { names, token }: AddStudentsRequest): Promise<AddedStudents> {
    const group = await this.open(me, id);
    const again = token === undefined ? [] : await this.addedWith(id, token);
    if (again.length > 0) return this.withNewPasswords(me, again);
    const wanted = names.map((name) => name.trim()).filter(isVisible);
    const known = new Set(group.members.map(({ name }) => name));
    for (const name of wanted) {
      if (known.has(name)) throw twice(name);
      known.add(name);
    }
    const fresh = await Promise.all(wanted.map(freshStudent));
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      const added = await this.insertAll(me, id, fresh, token ?? nanoid());
      if (added) return { added };
    }
    throw refuse('group.busy', 'Others are adding students of these names. Try again in a moment.');
  }

  /** Null when a name to sign in with was taken meanwhile; then nobody is added. */
  private async insertAll(me: Me, groupId: string, fresh: readonly Fresh[], token: string) {
    try {
      return await this.db.transaction(async (tx) => {
        const logins = await freeLogins(tx, fresh);
        const added = fresh.map(({ name, password }, i) => {
          return { id: nanoid(), name, login: logins[i] ?? '', password };
        });
        if (added.length === 0) return added;
        await tx.insert(people).values(
          added.map(({ id, name, login }, i) => ({
            ...{ id, name, login, role: 'student' as const, addedWith: token },
            passwordHash: fresh[i]?.passwordHash ?? '',
          })),
        );
        await tx.insert(members).values(added.map(({ id }) => ({ groupId, personId: id })));
        for (const { id } of added) await this.audit.write('students-added', me.id, id, tx);
        return added;
      });
    } catch (error) {
      if (isUniqueViolation(error)) return null;
      throw error;
    }
  }

  private addedWith(groupId: string, token: string) {
    return this.db
      .select({ id: people.id, name: people.name, login: people.login })
      .from(people)
      .innerJoin(members, and(eq(members.personId, people.id), eq(members.groupId, groupId)))
      .where(eq(people.addedWith, token));
  }

  private async withNewPasswords(
    me: Me,
    students: readonly { id: string; name: string; login: string }[],
  ): Promise<AddedStudents> {
    const added: AddedStudents['added'][number][] = [];
    for (const { id } of students) added.push({ id, ...(await this.people.resetPassword(me, id)) });
    return { added };
  }

  /** A new password for a student of one's own class, shown this once. */
  async resetPassword(me: Me, groupId: string, personId: string): Promise<MadePassword> {
    const { members: students } = await this.open(me, groupId);
    if (!students.some(({ id }) => id === personId)) throw notFound('This student');
    return this.people.resetPassword(me, personId);
  }
}

const twice = (name: string) =>
  refuse(
    'group.twice',
    `“${name}” is in this class group already. Add something that tells them apart.`,
    'names',
  );

async function freshStudent(name: string): Promise<Fresh> {
  const password = madePassword();
  return { name, password, passwordHash: await hashOfPassword(password) };
}

/** A name to sign in with for each, that nobody has: `ada.finch`, `ada.finch2`. */
async function freeLogins(db: Queries, fresh: readonly Fresh[]): Promise<string[]> {
  const wanted = fresh.map(({ name }) => slugOf(name).replaceAll('-', '.') || 'student');
  if (wanted.length === 0) return [];
  const alike = await db
    .select({ login: sql<string>`lower(${people.login})` })
    .from(people)
    .where(
      or(inArray(people.login, wanted), ...wanted.map((each) => like(people.login, `${each}%`))),
    );
  const taken = new Set(alike.map(({ login }) => login));
  return wanted.map((stem) => {
    let login = stem;
    for (let n = 2; taken.has(login); n++) login = `${stem}${n}`;
    taken.add(login);
    return login;
  });
}

const collator = new Intl.Collator('en');
const collated = <T extends { name: string }>(rows: T[]): T[] =>
  rows.sort((a, b) => collator.compare(a.name, b.name));
