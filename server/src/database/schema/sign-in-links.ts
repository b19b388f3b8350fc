import { pgTable, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';
import { people } from './people.js';

/** A link by which somebody chooses a password, once. The id is a hash of what stands in the link: a stolen table opens no door. */
export const signInLinks = pgTable(
  'sign_in_links',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    until: timestamp('until', { withTimezone: true }).notNull(),
  },
  (table) => [uniqueIndex('sign_in_links_person').on(table.personId)],
);
