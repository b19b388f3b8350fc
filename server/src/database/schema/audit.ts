import { index, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core';

/** Who did what that matters, and when: append-only, without anything that people wrote. */
export const audit = pgTable(
  'audit',
  {
    id: serial('id').primaryKey(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** Who did it; null when nobody was signed in. */
    byId: text('by_id'),
    what: text('what').notNull(),
    /** The id of the person or work that it was done to. */
    aboutId: text('about_id'),
  },
  (table) => [index('audit_at').on(table.at)],
);
