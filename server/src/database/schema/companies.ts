import { index, integer, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import { books } from './books.js';
import { people } from './people.js';

export const companies = pgTable(
  'companies',
  {
    id: text('id').primaryKey(),
    ownerId: text('owner_id')
      .notNull()
      .references(() => people.id),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
    /** The company of which it is a copy, and up to which revision of that one’s book; null: it is none. */
    originId: text('origin_id'),
    originRevision: integer('origin_revision'),
    /** Since when it is out of the way; null: it stands in the list. */
    putAwayAt: timestamp('put_away_at', { withTimezone: true }),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('companies_owner').on(table.ownerId), index('companies_book').on(table.bookId)],
);
