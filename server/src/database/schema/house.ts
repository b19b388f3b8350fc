import { pgTable, text } from 'drizzle-orm/pg-core';

/** What the house remembers of itself, a word each. */
export const house = pgTable('house', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
});
