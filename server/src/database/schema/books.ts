import { integer, pgTable, primaryKey, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';

/** A book as it stood a moment ago: one text column of JSON, read by the core, with the revision that it is of. */
export const books = pgTable('books', {
  id: text('id').primaryKey(),
  use: text('use', { enum: ['company', 'start', 'key', 'try'] }).notNull(),
  /** Of its company, so that lists need not read the state. */
  name: text('name').notNull().default(''),
  trade: text('trade').notNull().default(''),
  state: text('state').notNull(),
  revision: integer('revision').notNull().default(0),
  /** What came after this is told by its history alone, for some seconds. */
  stateRevision: integer('state_revision').notNull().default(0),
  accounts: integer('accounts').notNull().default(0),
  entries: integer('entries').notNull().default(0),
  changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
});

/**
 * A book as it once stood: at its beginning and now and then after it, so that any revision can be told from the
 * nearest one before it, whatever became of the newest.
 */
export const bookSnapshots = pgTable(
  'book_snapshots',
  {
    bookId: text('book_id')
      .notNull()
      .references(() => books.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    state: text('state').notNull(),
  },
  (table) => [primaryKey({ columns: [table.bookId, table.revision] })],
);

/** A moment of a book that somebody named, to find it again. */
export const bookMoments = pgTable(
  'book_moments',
  {
    bookId: text('book_id')
      .notNull()
      .references(() => books.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    name: text('name').notNull(),
    byId: text('by_id').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.bookId, table.revision] })],
);

/** The history of a book: append-only, one row for each revision. */
export const bookOperations = pgTable(
  'book_operations',
  {
    bookId: text('book_id')
      .notNull()
      .references(() => books.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    token: text('token').notNull(),
    /** The token of the step that this one takes back; null for a change of its own. */
    undoes: text('undoes'),
    byId: text('by_id').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    operation: text('operation').notNull(),
    inverse: text('inverse').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.bookId, table.revision] }),
    uniqueIndex('book_operations_token').on(table.bookId, table.token),
  ],
);
