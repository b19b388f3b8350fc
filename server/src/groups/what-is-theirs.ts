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

const without = (names: readonly string[], name: string): string[] =>
  names.filter((each) => each !== name);

/** Names of columns of which a table has each combination once. */
function onceIn(table: PgTable): string[][] {
  const { primaryKeys, indexes } = getTableConfig(table);
  const unique = indexes.filter(({ config }) => config.unique).map(({ config }) => config.columns);
  return [...primaryKeys.map(({ columns }) => columns), ...unique].map((columns) =>
    columns.flatMap((column) => ('name' in column && column.name ? [column.name] : [])),
  );
}

/** The columns that name a person, and beside which others each of them stands once: the tables say so themselves. */
const naming = Object.values(schema).flatMap((table) => {
  if (!is(table, PgTable) || SETTLED.includes(table)) return [];
  return getTableConfig(table).foreignKeys.flatMap((key) => {
    const { columns, foreignTable } = key.reference();
    if (foreignTable !== people) return [];
    // What does not go with its person, as works do not, is decided before: nothing of it is dropped here.
    const goes = key.onDelete === 'cascade';
    return columns.map((column) => {
      const once = goes ? onceIn(table).filter((names) => names.includes(column.name)) : [];
      return { table, column, besides: once.map((names) => without(names, column.name)) };
    });
  });
});

type Naming = (typeof naming)[number];

/** Of what both have and a table holds once, the one’s stays. */
async function dropDoubles(
  tx: Queries,
  { table, column, besides }: Naming,
  { from, into }: { readonly from: string; readonly into: string },
): Promise<void> {
  const person = sql.identifier(column.name);
  for (const names of besides) {
    const same = names.map((name) => sql`o.${sql.identifier(name)} = t.${sql.identifier(name)}`);
    const both = sql.join([sql`o.${person} = ${into}`, ...same], sql` and `);
    await tx.execute(
      sql`delete from ${table} t where t.${person} = ${from}
        and exists (select 1 from ${table} o where ${both})`,
    );
  }
}

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
  for (const each of naming) {
    const { table, column } = each;
    await dropDoubles(tx, each, { from, into });
    await tx.execute(
      sql`update ${table} set ${sql.identifier(column.name)} = ${into} where ${column} = ${from}`,
    );
  }
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
