import { index, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import { people } from './people.js';

/** Who has a company or an exercise open, on which page, and when that was last heard of. It is cleared by time alone. */
export const presences = pgTable(
  'presences',
  {
    thingId: text('thing_id').notNull(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    page: text('page').notNull(),
    heardAt: timestamp('heard_at', { withTimezone: true }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.thingId, table.personId] }),
    index('presences_heard_at').on(table.heardAt),
  ],
);
