import type { CountsRule, EntersBy, HintPiece, LateRule } from '@gleddo/core';
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
import { groups } from './groups.js';
import { people } from './people.js';

export const exercises = pgTable(
  'exercises',
  {
    id: text('id').primaryKey(),
    ownerId: text('owner_id')
      .notNull()
      .references(() => people.id),
    title: text('title').notNull(),
    company: text('company').notNull(),
    /** From which of the shelf it was taken; null: from none. */
    ready: text('ready'),
    /** Of which exercise it is a copy, and which revisions of its parts, its start and its key it has; null: of none. */
    originId: text('origin_id'),
    originRevision: integer('origin_revision'),
    originStart: integer('origin_start'),
    originKey: integer('origin_key'),
    brief: text('brief').notNull().default(''),
    startBookId: text('start_book_id')
      .notNull()
      .references(() => books.id),
    keyBookId: text('key_book_id')
      .notNull()
      .references(() => books.id),
    /** What the key accepts, its points and dates: JSON, as in a key file without its book. */
    keyRules: text('key_rules').notNull().default('{}'),
    entriesMayChange: boolean('entries_may_change').notNull().default(true),
    /** How students enter what happens: as documents, as entries, or either way. */
    enters: text('enters').$type<EntersBy>().notNull().default('both'),
    helpTypes: boolean('help_types').notNull().default(true),
    helpTotals: boolean('help_totals').notNull().default(true),
    helpBands: boolean('help_bands').notNull().default(true),
    helpHealth: boolean('help_health').notNull().default(false),
    checkWhileWorking: boolean('check_while_working').notNull().default(false),
    /** How often a student may ask for a check while working; null: as often as they like. */
    askLimit: integer('ask_limit').default(5),
    /** Minutes that pass between two such asks. */
    askPause: integer('ask_pause').notNull().default(0),
    /** What is shown of works given back, as chosen last: JSON; null: never chosen. */
    giving: text('giving'),
    /** Whether a student may hand in a file instead of working here. */
    mayFile: boolean('may_file').notNull().default(false),
    /** What leads through it: steps, papers beside the work, words explained; JSON. */
    guide: text('guide').notNull().default('{}'),
    mayPractise: boolean('may_practise').notNull().default(false),
    practiseOnceBack: boolean('practise_once_back').notNull().default(false),
    /** Whether one may go on from a checkpoint, and the points that each step so skipped costs. */
    mayGoOn: boolean('may_go_on').notNull().default(false),
    goOnCost: integer('go_on_cost'),
    /** How far help at a step goes, and the points that each piece of it costs. */
    hintsUpTo: text('hints_up_to').$type<HintPiece>(),
    hintCost: integer('hint_cost').notNull().default(0),
    /** The exercise of a series that it continues; null: it continues none. */
    continues: text('continues'),
    /** Whether each student begins it with their own work of the one before. */
    ownWork: boolean('own_work').notNull().default(false),
    /** Counts the changes of its parts. */
    revision: integer('revision').notNull().default(0),
    /** Since when it is out of the way; null: it stands in the list. */
    putAwayAt: timestamp('put_away_at', { withTimezone: true }),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    index('exercises_owner').on(table.ownerId),
    index('exercises_start').on(table.startBookId),
    index('exercises_key').on(table.keyBookId),
  ],
);

/** What was changed of an exercise, part by part: append-only, one row for each revision. */
export const exerciseChanges = pgTable(
  'exercise_changes',
  {
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    byId: text('by_id').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** The revision that this one takes back; null for a change of its own. */
    undoes: integer('undoes'),
    /** Part changes: JSON. */
    changes: text('changes').notNull(),
  },
  (table) => [primaryKey({ columns: [table.exerciseId, table.revision] })],
);

/** To which class groups an exercise is handed out. */
export const handOuts = pgTable(
  'hand_outs',
  {
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** From when to when it is open for the class; null: from the beginning, without an end. */
    opensAt: timestamp('opens_at', { withTimezone: true }),
    closesAt: timestamp('closes_at', { withTimezone: true }),
    late: text('late').$type<LateRule>().notNull().default('told'),
    /** Per cent of the points to earn that each day begun takes off. */
    lateOff: integer('late_off').notNull().default(0),
    /** How long a try lasts from when it is begun; null: as long as it is open. */
    minutes: integer('minutes'),
    /** How often a student may try, and which of the tries counts. */
    tries: integer('tries').notNull().default(1),
    counts: text('counts').$type<CountsRule>().notNull().default('best'),
  },
  (table) => [
    primaryKey({ columns: [table.exerciseId, table.groupId] }),
    index('hand_outs_closes').on(table.closesAt),
    index('hand_outs_group').on(table.groupId),
  ],
);

/** Until when an exercise is open for one student alone. */
export const moreTimes = pgTable(
  'more_times',
  {
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    until: timestamp('until', { withTimezone: true }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.exerciseId, table.personId] })],
);

/** A key as it was when something was checked with it: never changed, so marks can always be explained. */
export const keys = pgTable(
  'keys',
  {
    id: text('id').primaryKey(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    version: integer('version').notNull(),
    content: text('content').notNull(),
    start: text('start').notNull(),
    hash: text('hash').notNull(),
    madeAt: timestamp('made_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    uniqueIndex('keys_version').on(table.exerciseId, table.version),
    index('keys_hash').on(table.exerciseId, table.hash),
  ],
);

/** The instructor's own go at an exercise, as a student would: it counts nowhere and is not kept with the tries. */
export const trialRuns = pgTable(
  'rehearsals',
  {
    exerciseId: text('exercise_id')
      .primaryKey()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
    /** Whether it is a copy of the key in which faults were planted. */
    spoilt: boolean('spoilt').notNull().default(false),
    /** Whose figures, where they are drawn; null: one’s own. */
    seed: integer('seed'),
    begunAt: timestamp('begun_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('rehearsals_book').on(table.bookId)],
);
