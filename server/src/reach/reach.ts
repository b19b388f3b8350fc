import type { HowShared, May } from '@gleddo/contract';
import { sql, type SQL } from 'drizzle-orm';

/*
 * What somebody reaches that is not theirs alone, told by the database: what colleagues share with them, the classes that
 * they teach or assist in, and the works of these classes. Tables are named as the query around it names them.
 */

const column = (table: string, name: string): SQL => sql.raw(`"${table}"."${name}"`);

/** The ids of the class groups of somebody: their own, those that they teach or assist in with others, and the groups within these. */
const groupsOf = (me: string, hows: readonly HowShared[]): SQL => sql`(
  select own_group.id from groups own_group where own_group.owner_id = ${me}
  union select taught.id from shares taken_on
    join groups taught on taken_on.group_id in (taught.id, taught.within_id)
    where taken_on.person_id = ${me} and taken_on.how in (${sql.join(
      hows.map((how) => sql`${how}`),
      sql`, `,
    )}))`;

/** Class groups that somebody teaches. */
export const groupsTaughtBy = (me: string): SQL => groupsOf(me, ['teach']);

/** Class groups whose works somebody sees: they teach there, or assist. */
export const groupsSeenBy = (me: string): SQL => groupsOf(me, ['teach', 'assist']);

const isShared = (
  me: string,
  how: HowShared,
  { of, id }: { readonly of: 'company_id' | 'exercise_id'; readonly id: SQL },
): SQL =>
  sql`exists (select 1 from shares lent where lent.${sql.raw(of)} = ${id}
    and lent.person_id = ${me} and lent.how = ${how})`;

const isOutTo = (id: SQL, groups: SQL): SQL =>
  sql`exists (select 1 from hand_outs given where given.exercise_id = ${id} and given.group_id in ${groups})`;

/** What somebody may do with an exercise; null: it is not theirs to see. */
export function mayOnExercise(me: string, table = 'exercises'): SQL<May | null> {
  const id = column(table, 'id');
  const it = { of: 'exercise_id', id } as const;
  return sql<May | null>`(case
    when ${column(table, 'owner_id')} = ${me} then 'own'
    when ${isShared(me, 'change', it)} then 'change'
    when ${isOutTo(id, groupsTaughtBy(me))} then 'mark'
    when ${isOutTo(id, groupsSeenBy(me))} then 'assist'
    when ${isShared(me, 'look', it)} then 'look' end)`;
}

/** How a company is somebody’s: their own, shared to change, or to look at; null: it is not theirs to see. */
export function mayOnCompany(me: string, table = 'companies'): SQL<May | null> {
  const it = { of: 'company_id', id: column(table, 'id') } as const;
  return sql<May | null>`(case
    when ${column(table, 'owner_id')} = ${me} then 'own'
    when ${isShared(me, 'change', it)} then 'change'
    when ${isShared(me, 'look', it)} then 'look' end)`;
}

/** How a class group is somebody’s. */
export type OnGroup = 'own' | 'teach' | 'assist';

/** How a class group is somebody’s; null: it is not theirs to see. */
export const mayOnGroup = (me: string, table = 'groups'): SQL<OnGroup | null> =>
  sql<OnGroup | null>`(case when ${column(table, 'owner_id')} = ${me} then 'own'
    else (select lent.how from shares lent
      where lent.group_id = coalesce(${column(table, 'within_id')}, ${column(table, 'id')})
        and lent.person_id = ${me}) end)`;

interface WorkNamed {
  /** Of which exercise, of whom, and whose exercise it is. */
  readonly exercise: SQL;
  readonly person: SQL;
  readonly owner: SQL;
}

const inClass = (members: string, { exercise, person }: WorkNamed, which: SQL): SQL =>
  sql`exists (select 1 from hand_outs given join ${sql.raw(members)} sits on sits.group_id = given.group_id
    where given.exercise_id = ${exercise} and sits.person_id = ${person} and ${which})`;

/**
 * Whether somebody sees what a student does at an exercise: who teaches or assists in a class of theirs that has it; its owner
 * also those who are in no class of a colleague that has it.
 */
export function seesWork(me: string, work: WorkNamed): SQL {
  const mine = sql`given.group_id in ${groupsSeenBy(me)}`;
  const others = sql`given.group_id not in ${groupsSeenBy(me)}`;
  return sql`(${inClass('members', work, mine)} or ${inClass('former_members', work, mine)}
    or (${work.owner} = ${me} and not ${inClass('members', work, others)}))`;
}

/** The same, of a row of tries beside its exercise. */
export const seesTry = (me: string, tries = 'tries', exercises = 'exercises'): SQL =>
  seesWork(me, {
    exercise: column(tries, 'exercise_id'),
    person: column(tries, 'person_id'),
    owner: column(exercises, 'owner_id'),
  });
