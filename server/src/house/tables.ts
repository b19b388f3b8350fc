import { sql, type SQL } from 'drizzle-orm';
import { rowsOf, type Queries } from '../database/open-database.js';

/** A table as it is kept and brought back: by its name, in the order of its key. */
export interface Table {
  readonly name: string;
  /** The columns of its primary key, in their order. */
  readonly key: readonly string[];
}

interface Found extends Table {
  /** The tables that its rows name. */
  readonly needs: readonly string[];
}

const KEYS = sql`
  select c.relname as name,
    array(select a.attname::text from unnest(i.indkey) with ordinality k(attnum, at)
      join pg_attribute a on a.attrelid = c.oid and a.attnum = k.attnum order by k.at) as key,
    array(select distinct r.relname::text from pg_constraint f join pg_class r on r.oid = f.confrelid
      where f.conrelid = c.oid and f.contype = 'f' and f.confrelid <> c.oid) as needs
  from pg_class c join pg_namespace n on n.oid = c.relnamespace
    join pg_index i on i.indrelid = c.oid and i.indisprimary
  where n.nspname = 'public' and c.relkind = 'r' order by c.relname`;

/** All tables that there are: those first whose rows others name. The database says it of itself. */
export async function tablesOf(db: Queries): Promise<readonly Table[]> {
  const found = rowsOf<Found>(await db.execute(KEYS));
  const placed: Found[] = [];
  while (placed.length < found.length) {
    const next = found.filter(
      (table) =>
        !placed.includes(table) &&
        table.needs.every((need) => placed.some(({ name }) => name === need)),
    );
    if (next.length === 0) throw new Error('tables name each other in a circle');
    placed.push(...next);
  }
  return placed;
}

const orderOf = ({ key }: Table): SQL =>
  sql.join(
    key.map((column) => sql`${sql.identifier(column)}::text collate "C"`),
    sql`, `,
  );

/** So many rows at once: books are rows of a megabyte. */
const AT_ONCE = 50;

/** The rows of a table as JSON texts, in the order of its key, some at once. Within a transaction alone. */
export async function* rowsAsJson(tx: Queries, table: Table): AsyncGenerator<readonly string[]> {
  await tx.execute(sql`
    declare told no scroll cursor for
    select row_to_json(t)::text as row from ${sql.identifier(table.name)} t order by ${orderOf(table)}`);
  for (;;) {
    const some = rowsOf<{ row: string }>(await tx.execute(sql.raw(`fetch ${AT_ONCE} from told`)));
    if (some.length === 0) break;
    yield some.map(({ row }) => row);
  }
  await tx.execute(sql`close told`);
}

/** Puts rows back, as they were told. */
export async function putRows(db: Queries, table: Table, rows: readonly string[]): Promise<void> {
  const name = sql.identifier(table.name);
  await db.execute(
    sql`insert into ${name} select * from json_populate_recordset(null::${name}, ${`[${rows.join(',')}]`}::json)`,
  );
}

/** Whatever counts by itself goes on after what was put back. */
export async function goOnCounting(db: Queries): Promise<void> {
  await db.execute(sql`
    select setval(pg_get_serial_sequence('audit', 'id'), coalesce((select max(id) from audit), 0) + 1, false)`);
}

export async function isEmpty(db: Queries, tables: readonly Table[]): Promise<boolean> {
  for (const { name } of tables)
    if (rowsOf(await db.execute(sql`select 1 from ${sql.identifier(name)} limit 1`)).length > 0)
      return false;
  return true;
}

/** How many steps of its making a database has behind it. */
export async function levelOf(db: Queries): Promise<number> {
  const [row] = rowsOf<{ n: number }>(
    await db.execute(sql`select count(*)::int as n from drizzle.__drizzle_migrations`),
  );
  return row?.n ?? 0;
}
