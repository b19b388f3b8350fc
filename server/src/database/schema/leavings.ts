import { index, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';

/** What is to be deleted at a time: until then it can be taken back. */
export const leavings = pgTable(
  'leavings',
  {
    kind: text('kind', { enum: ['exercise', 'group', 'person'] }).notNull(),
    /** The id of the exercise, the class group or the person. */
    aboutId: text('about_id').notNull(),
    byId: text('by_id').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    dueAt: timestamp('due_at', { withTimezone: true }).notNull(),
    /** What becomes of people: of a person, or of the students whom a class takes along. */
    fate: text('fate', { enum: ['deleted', 'nameless'] }).notNull(),
    /** To whom an instructor’s things pass; null: they go, too. */
    heirId: text('heir_id'),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.aboutId] }),
    index('leavings_due').on(table.dueAt),
  ],
);
