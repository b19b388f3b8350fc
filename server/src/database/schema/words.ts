import { index, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import { people } from './people.js';
import { tries } from './tries.js';

/** What a student and their instructor say to each other about a work: questions, answers, and words that nobody asked for. */
export const words = pgTable(
  'words',
  {
    id: text('id').primaryKey(),
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    byId: text('by_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    text: text('text').notNull(),
    /** Where it was asked: the step, or what is marked, in words; empty: about the whole. */
    about: text('about').notNull().default(''),
    /** The note at which it was asked; null: while working. */
    ref: text('ref'),
    /** The question that it answers. */
    answers: text('answers'),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** When whom it is said to has seen it; of a question, when it was answered or put away. */
    seenAt: timestamp('seen_at', { withTimezone: true }),
  },
  (table) => [index('words_try').on(table.tryId), index('words_answers').on(table.answers)],
);
