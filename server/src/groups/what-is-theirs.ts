import { and, eq, is, sql } from 'drizzle-orm';
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core';
import type { Queries } from '../database/open-database.js';
import * as schema from '../database/schema/index.js';

const { audit, formerMembers, leavings, members, moreTimes, people, sessions } = schema;
const { excused, signInLinks } = schema;

/** Of these each has at most one a person and thing, or goes with them. */
const SETTLED: readonly PgTable[] = [
  ...[members, formerMembers, moreTimes, sessions],
  ...[excused, signInLinks],
];

/** The columns that name a person: the tables say so themselves. */
const naming = Object.values(schema).flatMap((table) => {
  if (!is(table, PgTable) || SETTLED.includes(table)) return [];
  return getTableConfig(table).foreignKeys.flatMap((key) => {
    const { columns, foreignTable } = key.reference();
    return foreignTable === people ? columns.map((column) => ({ table, column })) : [];
  });
});

async function moveMoreTime(tx: Queries, from: string, into: string): Promise<void> {
  await tx.execute(
    sql`insert into more_times (exercise_id, person_id, until)
      select exercise_id, ${into}, until from more_times where person_id = ${from}
      on conflict (exercise_id, person_id) do update
      set until = greatest(more_times.until, excluded.until)`,
  );
}

/** What does not count for one of them does not count for them. */
async function moveExcused(tx: Queries, from: string, into: string): Promise<void> {
  await tx.execute(
    sql`insert into excused (exercise_id, person_id)
      select exercise_id, ${into} from excused where person_id = ${from} on conflict do nothing`,
  );
}

/** Whatever names one person names another from now on. */
export async function moveWhatIsTheirs(tx: Queries, from: string, into: string): Promise<void> {
  await moveMoreTime(tx, from, into);
  await moveExcused(tx, from, into);
  for (const { table, column } of naming)
    await tx.execute(
      sql`update ${table} set ${sql.identifier(column.name)} = ${into} where ${column} = ${from}`,
    );
  // History and the list of what was done name people without being tied to them.
  await tx.execute(
    sql`update book_operations set by_id = ${into} where by_id = ${from} and book_id in (
      select book_id from tries where person_id = ${into}
      union select begun_book_id from tries where person_id = ${into}
      union select book_id from practices where person_id = ${into}
      union select m.book_id from mends m join tries t on t.id = m.try_id where t.person_id = ${into})`,
  );
  await tx.update(audit).set({ byId: into }).where(eq(audit.byId, from));
  await tx.update(audit).set({ aboutId: into }).where(eq(audit.aboutId, from));
  await tx.delete(leavings).where(and(eq(leavings.kind, 'person'), eq(leavings.aboutId, from)));
}
