import { sql, type SQL } from 'drizzle-orm';
import { handOuts } from '../database/schema/index.js';

/** What a group is called beside others: one within a class behind its class. */
export const groupSaid = (table: string): SQL<string> => {
  const column = (name: string) => sql.raw(`"${table}"."${name}"`);
  return sql<string>`(coalesce((select class.name || ' › ' from groups class
    where class.id = ${column('within_id')}), '') || ${column('name')})`;
};

/** Handed out to a class, or to a group within it. */
export const isOfClass = (classId: string): SQL =>
  sql`${handOuts.groupId} in (select g.id from groups g where ${classId} in (g.id, g.within_id))`;
