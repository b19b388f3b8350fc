import type { CountsRule } from '@gleddo/core';
import { sql } from 'drizzle-orm';
import {
  boolean,
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
    /** Why the work could not be checked, as a sentence; null when it could, or has not been tried yet. */
    checkFault: text('check_fault'),
    /** Accounts joined and parted by hand: JSON; kept through every later check. */
    handPairs: text('hand_pairs').notNull().default('[]'),
    /** The name of the file that the work came as; null: it was worked on here. */
    fileName: text('file_name'),
    /** The book that its student had begun before they handed in a file instead; null: there is none. */
    begunBookId: text('begun_book_id').references(() => books.id),
    /** What of the work given back its student sees: JSON; null: as before anybody could choose. */
    giving: text('giving'),
    /** When the student first saw the marks. */
    readAt: timestamp('read_at', { withTimezone: true }),
    /** Since when no closing time holds for it: handed in by that, opened again later, or filed by its instructor; null: it holds. */
    closedAt: timestamp('closed_at', { withTimezone: true }),
    /** Whether it was handed in as it stood, since the exercise closed. */
    byItself: boolean('by_itself').notNull().default(false),
    /** When its student wished to hand it in, where there was no line then; null: it came at once. */
    wishedAt: timestamp('wished_at', { withTimezone: true }),
    /** The hand-in for which lateness took points off; where no note stands of it, the instructor took that away. */
    lateChargedFor: timestamp('late_charged_for', { withTimezone: true }),
    /** How often a check was asked for while working, and when last. */
    asked: integer('asked').notNull().default(0),
    askedAt: timestamp('asked_at', { withTimezone: true }),
  },
  (table) => [
    uniqueIndex('tries_person').on(table.exerciseId, table.personId),
    index('tries_book').on(table.bookId),
  ],
);

/** A try that was given back before its student began another: as it was given back, for good. */
export const earlierTries = pgTable(
  'earlier_tries',
  {
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    /** 1 for the first. */
    number: integer('number').notNull(),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull(),
    handedInAt: timestamp('handed_in_at', { withTimezone: true }),
    givenBackAt: timestamp('given_back_at', { withTimezone: true }),
    points: integer('points'),
    outOf: integer('out_of'),
    checkId: text('check_id'),
    fileName: text('file_name'),
    giving: text('giving'),
    /** Which of the tries counted when the next was begun: it holds where no class says any more. */
    counts: text('counts').$type<CountsRule>().notNull().default('best'),
    /** What its instructor said: JSON. */
    notes: text('notes').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.tryId, table.number] }),
    index('earlier_tries_book').on(table.bookId),
  ],
);

/** The table that a work came as: its cells and what was chosen of how it is read. Apart, since it may be long. */
export const filedTables = pgTable('filed_tables', {
  tryId: text('try_id')
    .primaryKey()
    .references(() => tries.id, { onDelete: 'cascade' }),
  /** JSON. */
  content: text('content').notNull(),
});

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
    /** The checks’ points that `outOf` stands for, where the key says what the whole counts. */
    scaledFrom: integer('scaled_from'),
    /** Who was recognised as whom: JSON. */
    pairs: text('pairs').notNull(),
    /** Every result, codes and facts: JSON; sentences are made when they are shown. */
    results: text('results').notNull().default('[]'),
    /** What a class's overview shows of it: JSON; null in runs from before there were overviews. */
    overview: text('overview'),
  },
  (table) => [index('checks_try').on(table.tryId)],
);

/** Several works checked together: how far it is, and whether it goes on. */
export const checkJobs = pgTable(
  'check_jobs',
  {
    id: text('id').primaryKey(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    askedAt: timestamp('asked_at', { withTimezone: true }).notNull().defaultNow(),
    cancelledAt: timestamp('cancelled_at', { withTimezone: true }),
  },
  (table) => [index('check_jobs_exercise').on(table.exerciseId)],
);

/** One work to be checked. Whichever server takes it does it once; what its server left undone waits again. */
export const checkTasks = pgTable(
  'check_tasks',
  {
    id: text('id').primaryKey(),
    tryId: text('try_id')
      .notNull()
      .references(() => tries.id, { onDelete: 'cascade' }),
    /** The job that it belongs to; null: the work was handed in. */
    jobId: text('job_id').references(() => checkJobs.id, { onDelete: 'cascade' }),
    state: text('state', { enum: ['waiting', 'running', 'done', 'failed', 'cancelled'] })
      .notNull()
      .default('waiting'),
    /** Which server has it, and since when. */
    takenBy: text('taken_by'),
    takenAt: timestamp('taken_at', { withTimezone: true }),
    tries: integer('tries').notNull().default(0),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    uniqueIndex('check_tasks_waiting')
      .on(table.tryId)
      .where(sql`${table.state} = 'waiting'`),
    index('check_tasks_state').on(table.state),
    index('check_tasks_job').on(table.jobId),
  ],
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

/** The copy of a work given back in which its student puts it right: it counts nowhere. */
export const corrections = pgTable(
  'mends',
  {
    tryId: text('try_id')
      .primaryKey()
      .references(() => tries.id, { onDelete: 'cascade' }),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
  },
  (table) => [index('mends_book').on(table.bookId)],
);

/** Notes that an instructor writes often. */
export const stockNotes = pgTable(
  'stock_notes',
  {
    id: text('id').primaryKey(),
    ownerId: text('owner_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    text: text('text').notNull(),
    points: integer('points').notNull().default(0),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('stock_notes_owner').on(table.ownerId)],
);
