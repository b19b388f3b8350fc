import { index, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import { people } from './people.js';

/**
 * What was laid out for an instructor to look around in, and is thrown away in one step: a class group, exercises, a
 * company. That one is laid out at all is a row of its own.
 */
export const samples = pgTable(
  'samples',
  {
    ownerId: text('owner_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** `sample`: one was begun; `whole`: all of it is laid out. */
    kind: text('kind', {
      enum: ['sample', 'whole', 'group', 'exercise', 'company', 'student'],
    }).notNull(),
    thingId: text('thing_id').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.thingId] }),
    index('samples_owner').on(table.ownerId),
  ],
);
