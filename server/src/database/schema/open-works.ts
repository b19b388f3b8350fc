import { boolean, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import { people } from './people.js';
import { tries } from './tries.js';

/** Which works somebody has open to mark, since when, and when that was last heard of. */
export const openWorks = pgTable(
  'open_works',
  {
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    since: timestamp('since', { withTimezone: true }).notNull().defaultNow(),
    heardAt: timestamp('heard_at', { withTimezone: true }).notNull().defaultNow(),
    /** Whether they may change its marks: who only looks holds nobody up. */
    mayMark: boolean('may_mark').notNull(),
  },
  (table) => [primaryKey({ columns: [table.tryId, table.personId] })],
);
