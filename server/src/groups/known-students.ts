import type { Me } from '@gleddo/contract';
import type { KnownStudent, ListedStudent } from '@gleddo/core';
import { and, eq, inArray, isNull, or, sql } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { formerMembers, groups, members, people } from '../database/schema/index.js';
import { groupsTaughtBy } from '../reach/reach.js';
import { STUDENT } from './groups.service.js';
import { IS_HERE } from './whose-students.js';

const lower = (texts: readonly string[]): string[] => [
  ...new Set(texts.map((text) => text.trim().toLowerCase()).filter((text) => text !== '')),
];

async function idsIn(db: Queries, table: typeof members | typeof formerMembers, groupId: string) {
  const rows = await db
    .select({ id: table.personId })
    .from(table)
    .where(eq(table.groupId, groupId));
  return new Set(rows.map(({ id }) => id));
}

/** Those whom a list may mean: who is or was in the class, and whoever of the house has a name, number or e-mail of it. */
export async function knownStudents(
  db: Queries,
  groupId: string,
  list: readonly ListedStudent[],
): Promise<Omit<KnownStudent, 'mayChange'>[]> {
  const now = await idsIn(db, members, groupId);
  const before = await idsIn(db, formerMembers, groupId);
  const wanted = [
    [people.name, lower(list.map(({ name }) => name))],
    [people.number, lower(list.map(({ number }) => number))],
    [people.email, lower(list.map(({ email }) => email))],
  ] as const;
  const rows = await db
    .select(STUDENT)
    .from(people)
    .where(
      and(
        eq(people.role, 'student'),
        IS_HERE,
        or(
          inArray(people.id, [...now, ...before, '']),
          ...wanted
            .filter(([, texts]) => texts.length > 0)
            .map(([column, texts]) => inArray(sql`lower(${column})`, texts)),
        ),
      ),
    );
  const stands = (id: string) => (now.has(id) ? 'in' : before.has(id) ? 'left' : 'elsewhere');
  return rows.map(({ id, name, number, email }) => ({
    id,
    name,
    number,
    email,
    stands: stands(id),
  }));
}

/** In which of one’s own classes each of them is, by name. */
export async function ownClassesOf(
  db: Queries,
  me: Me,
  ids: readonly string[],
): Promise<Map<string, string[]>> {
  if (ids.length === 0) return new Map();
  const rows = await db
    .select({ id: members.personId, name: groups.name })
    .from(members)
    .innerJoin(groups, and(eq(groups.id, members.groupId), isNull(groups.withinId)))
    .where(and(inArray(members.personId, [...ids]), sql`${groups.id} in ${groupsTaughtBy(me.id)}`));
  const found = new Map<string, string[]>();
  for (const { id, name } of rows) found.set(id, [...(found.get(id) ?? []), name]);
  return found;
}
