import {
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core';
import { books } from './books.js';
import { exercises, keys } from './exercises.js';
import { people } from './people.js';

export const tries = pgTable(
  'tries',
  {
    id: text('id').primaryKey(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
    state: text('state', { enum: ['working', 'handed-in', 'given-back'] })
      .notNull()
      .default('working'),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull().defaultNow(),
    handedInAt: timestamp('handed_in_at', { withTimezone: true }),
    givenBackAt: timestamp('given_back_at', { withTimezone: true }),
    /** The latest check's points and the instructor's own, so that lists need no JSON. */
    points: integer('points'),
    outOf: integer('out_of'),
    checkId: text('check_id'),
  },
  (table) => [
    uniqueIndex('tries_person').on(table.exerciseId, table.personId),
    index('tries_book').on(table.bookId),
  ],
);

/** A run over a try with a version of the key. Old runs are kept. */
export const checks = pgTable(
  'checks',
  {
    id: text('id').primaryKey(),
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    keyId: text('key_id')
      .notNull()
      .references(() => keys.id),
    bookRevision: integer('book_revision').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    points: integer('points').notNull(),
    outOf: integer('out_of').notNull(),
    /** Who was recognised as whom: JSON. */
    pairs: text('pairs').notNull(),
  },
  (table) => [index('checks_try').on(table.tryId)],
);

/** One result of a run: what overviews need in columns, code and facts in JSON; sentences are made when shown. */
export const checkResults = pgTable(
  'check_results',
  {
    runId: text('run_id')
      .notNull()
      .references(() => checks.id, { onDelete: 'cascade' }),
    position: integer('position').notNull(),
    check: text('check').notNull(),
    subjectKind: text('subject_kind').notNull(),
    subjectId: text('subject_id').notNull(),
    outcome: text('outcome', { enum: ['met', 'not-met', 'follows', 'cannot-judge'] }).notNull(),
    points: integer('points').notNull(),
    outOf: integer('out_of').notNull(),
    content: text('content').notNull(),
  },
  (table) => [primaryKey({ columns: [table.runId, table.position] })],
);

/** What the instructor wrote in the margin, with points of their own. */
export const notes = pgTable(
  'notes',
  {
    id: text('id').primaryKey(),
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    byId: text('by_id')
      .notNull()
      .references(() => people.id),
    ref: text('ref'),
    text: text('text').notNull(),
    points: integer('points').notNull().default(0),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('notes_try').on(table.tryId)],
);
