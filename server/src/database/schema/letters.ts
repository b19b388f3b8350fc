import { index, integer, pgTable, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';
import { people } from './people.js';

/** Letters to people: written once, sent until they are gone. */
export const letters = pgTable(
  'letters',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** The day of which it tells, as the school’s clock has it: one letter a day. */
    day: text('day').notNull(),
    subject: text('subject').notNull(),
    text: text('text').notNull(),
    madeAt: timestamp('made_at', { withTimezone: true }).notNull().defaultNow(),
    sentAt: timestamp('sent_at', { withTimezone: true }),
    /** How often it was tried, and what the last try came to. */
    tried: integer('tried').notNull().default(0),
    fault: text('fault'),
  },
  (table) => [
    uniqueIndex('letters_day').on(table.personId, table.day),
    index('letters_sent').on(table.sentAt),
  ],
);
