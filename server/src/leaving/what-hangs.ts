import type { Hangs } from '@gleddo/contract';
import { and, count, eq, inArray, notExists, sql, type SQL } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import {
  companies,
  exercises,
  formerMembers,
  groups,
  members,
  people,
  practices,
  tries,
} from '../database/schema/index.js';

const known = (hangs: Readonly<Record<string, number>>): Hangs =>
  Object.fromEntries(Object.entries(hangs).filter(([, n]) => n > 0));

async function works(db: Queries, where: SQL) {
  const [row] = await db
    .select({
      works: count(),
      givenBack: sql<number>`count(*) filter (where ${tries.state} = 'given-back')`.mapWith(Number),
    })
    .from(tries)
    .where(where);
  return { works: row?.works ?? 0, givenBack: row?.givenBack ?? 0 };
}

export async function hangsOnExercises(db: Queries, ids: readonly string[]): Promise<Hangs> {
  return known({
    ...(await works(db, inArray(tries.exerciseId, [...ids]))),
    practices: await db.$count(practices, inArray(practices.exerciseId, [...ids])),
  });
}

export async function hangsOnStudents(db: Queries, ids: readonly string[]): Promise<Hangs> {
  return known({
    ...(await works(db, inArray(tries.personId, [...ids]))),
    practices: await db.$count(practices, inArray(practices.personId, [...ids])),
  });
}

/** Who is or was in which class group. */
const everIn = (db: Queries, name: string) =>
  db
    .select({ groupId: members.groupId, personId: members.personId })
    .from(members)
    .union(
      db
        .select({ groupId: formerMembers.groupId, personId: formerMembers.personId })
        .from(formerMembers),
    )
    .as(name);

/** Class groups, and the groups within them, which go with them. */
async function withParts(db: Queries, ids: readonly string[]): Promise<string[]> {
  const parts = await db
    .select({ id: groups.id })
    .from(groups)
    .where(inArray(groups.withinId, [...ids]));
  return [...new Set([...ids, ...parts.map(({ id }) => id)])];
}

/** Students of these class groups who are, and were, in no other one. */
export async function onlyIn(db: Queries, classIds: readonly string[]): Promise<string[]> {
  if (classIds.length === 0) return [];
  const groupIds = await withParts(db, classIds);
  const [within, elsewhere] = [everIn(db, 'within'), everIn(db, 'elsewhere')];
  const inOthers = db
    .select({ id: elsewhere.personId })
    .from(elsewhere)
    .where(
      and(eq(elsewhere.personId, people.id), sql`not ${inArray(elsewhere.groupId, [...groupIds])}`),
    );
  const rows = await db
    .selectDistinct({ id: people.id })
    .from(within)
    .innerJoin(people, and(eq(people.id, within.personId), eq(people.role, 'student')))
    .where(and(inArray(within.groupId, [...groupIds]), notExists(inOthers)));
  return rows.map(({ id }) => id);
}

export async function hangsOnGroups(db: Queries, ids: readonly string[]): Promise<Hangs> {
  const leave = await onlyIn(db, ids);
  const ever = everIn(db, 'ever');
  const [all] = await db
    .select({ n: count(sql`distinct ${ever.personId}`) })
    .from(ever)
    .where(inArray(ever.groupId, [...ids]));
  return {
    ...known({ students: leave.length, studentsStay: (all?.n ?? 0) - leave.length }),
    ...(await hangsOnStudents(db, leave)),
  };
}

const idsOf = async (
  db: Queries,
  table: typeof exercises | typeof groups,
  owner: string,
): Promise<string[]> =>
  (await db.select({ id: table.id }).from(table).where(eq(table.ownerId, owner))).map(
    ({ id }) => id,
  );

export const exercisesOf = (db: Queries, owner: string) => idsOf(db, exercises, owner);
export const groupsOf = (db: Queries, owner: string) => idsOf(db, groups, owner);

export async function hangsOnInstructor(db: Queries, id: string): Promise<Hangs> {
  const made = await exercisesOf(db, id);
  const taught = await groupsOf(db, id);
  const { students, studentsStay } = await hangsOnGroups(db, taught);
  return {
    ...known({
      companies: await db.$count(companies, eq(companies.ownerId, id)),
      exercises: made.length,
      groups: taught.length,
      students: students ?? 0,
      studentsStay: studentsStay ?? 0,
    }),
    ...(await hangsOnExercises(db, made)),
  };
}
