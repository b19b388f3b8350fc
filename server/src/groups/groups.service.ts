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
import { and, count, eq, inArray, like, ne, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { groups, members, people } from '../database/schema/index.js';
import { isUniqueViolation } from '../database/unique.js';
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

type Added = AddedStudents['added'][number];

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
      .select({ id: groups.id, name: groups.name, students: count(people.id) })
      .from(groups)
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(people, and(eq(people.id, members.personId), isHere))
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
      .where(and(eq(members.groupId, id), isHere));
    return { id, name: group.name, students: students.length, members: collated(students) };
  }

  /**
   * Adds students by their names, all or none; each gets a name to sign in with and a password, shown this once.
   * Sent again under the same token, since the answer was lost, it adds nobody and makes their passwords anew.
   */
  async add(
    me: Me,
    id: string,
    { names, token = nanoid() }: AddStudentsRequest,
  ): Promise<AddedStudents> {
    await this.open(me, id);
    const wanted = names.map((name) => name.trim()).filter(isVisible);
    const fresh = await Promise.all(wanted.map(freshStudent));
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      const done = await this.insertAll(me, id, { fresh, token });
      if (done) return { added: done.added ?? (await this.withNewPasswords(me, done.again)) };
    }
    throw refuse('group.busy', 'Others are adding students of these names. Try again in a moment.');
  }

  /** Null when a name to sign in with was taken meanwhile; then nobody is added. */
  private async insertAll(
    me: Me,
    groupId: string,
    { fresh, token }: { readonly fresh: readonly Fresh[]; readonly token: string },
  ) {
    try {
      return await this.db.transaction(async (tx) => {
        // One list after the other: what is sent twice at once finds what the first has added.
        await tx.select({ id: groups.id }).from(groups).where(eq(groups.id, groupId)).for('update');
        const again = await this.addedWith(groupId, token, tx);
        if (again.length > 0) return { added: null, again };
        refuseTwice(await namesIn(tx, groupId), fresh);
        return { added: await this.insertFresh(me, { groupId, fresh, token }, tx), again };
      });
    } catch (error) {
      if (isUniqueViolation(error)) return null;
      throw error;
    }
  }

  private async insertFresh(
    me: Me,
    { groupId, fresh, token }: { groupId: string; fresh: readonly Fresh[]; token: string },
    tx: Queries,
  ): Promise<Added[]> {
    if (fresh.length === 0) return [];
    const logins = await freeLogins(tx, fresh);
    const made = fresh.map((each, i) => ({ ...each, id: nanoid(), login: logins[i] ?? '' }));
    await tx.insert(people).values(
      made.map(({ id, name, login, passwordHash }) => ({
        ...{ id, name, login, passwordHash, role: 'student' as const, addedWith: token },
      })),
    );
    await tx.insert(members).values(made.map(({ id }) => ({ groupId, personId: id })));
    for (const { id } of made)
      await this.audit.write('students-added', me.id, { aboutId: id, db: tx });
    return made.map(({ id, name, login, password }) => ({ id, name, login, password }));
  }

  private addedWith(groupId: string, token: string, tx: Queries) {
    return tx
      .select({ id: people.id })
      .from(people)
      .innerJoin(members, and(eq(members.personId, people.id), eq(members.groupId, groupId)))
      .where(eq(people.addedWith, token));
  }

  private async withNewPasswords(me: Me, students: readonly { id: string }[]): Promise<Added[]> {
    const added: Added[] = [];
    for (const { id } of students) added.push({ id, ...(await this.people.resetPassword(me, id)) });
    return added;
  }

  /** A new password for a student of one's own class, shown this once. */
  async resetPassword(me: Me, groupId: string, personId: string): Promise<MadePassword> {
    const { members: students } = await this.open(me, groupId);
    if (!students.some(({ id }) => id === personId)) throw notFound('This student');
    return this.people.resetPassword(me, personId);
  }
}

/** Who was made nameless can’t come in any more: their works alone are left. */
const isHere = ne(people.passwordHash, '');

const twice = (name: string) =>
  refuse(
    'group.twice',
    `“${name}” is in this class group already. Add something that tells them apart.`,
    'names',
  );

const namesIn = async (tx: Queries, groupId: string): Promise<string[]> => {
  const rows = await tx
    .select({ name: people.name })
    .from(members)
    .innerJoin(people, eq(people.id, members.personId))
    .where(eq(members.groupId, groupId));
  return rows.map(({ name }) => name);
};

function refuseTwice(names: readonly string[], fresh: readonly Fresh[]): void {
  const known = new Set(names);
  for (const { name } of fresh) {
    if (known.has(name)) throw twice(name);
    known.add(name);
  }
}

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
