import type { HintAbout, HintPiece } from '@gleddo/core';
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
import { exercises } from './exercises.js';
import { people } from './people.js';

/** What was answered beside a book. */
export const answers = pgTable(
  'answers',
  {
    bookId: text('book_id')
      .notNull()
      .references(() => books.id, { onDelete: 'cascade' }),
    questionId: text('question_id').notNull(),
    answer: text('answer').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.bookId, table.questionId] })],
);

/** Where somebody is in a guide, and what they ticked: JSON. */
export const guidePlaces = pgTable('guide_places', {
  bookId: text('book_id')
    .primaryKey()
    .references(() => books.id, { onDelete: 'cascade' }),
  place: text('place').notNull(),
});

/** Help that was asked for at a step, piece by piece. */
export const hints = pgTable(
  'hints',
  {
    id: text('id').primaryKey(),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id, { onDelete: 'cascade' }),
    step: text('step').notNull(),
    /** What it is about, by its id in the key. */
    kind: text('kind').$type<HintAbout['kind']>().notNull(),
    about: text('about').notNull(),
    piece: text('piece').$type<HintPiece>().notNull(),
    /** As it was told then. */
    says: text('says').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [uniqueIndex('hints_once').on(table.bookId, table.kind, table.about, table.piece)],
);

/** A picture that lies beside the work of an exercise. */
export const pictures = pgTable(
  'pictures',
  {
    id: text('id').primaryKey(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    /** As `Picture` of the core has it: what it is, and itself in base64. */
    kind: text('kind').notNull(),
    data: text('data').notNull(),
  },
  (table) => [index('pictures_exercise').on(table.exerciseId)],
);

/** An exercise done for oneself: new figures each time, no marks. */
export const practices = pgTable(
  'practices',
  {
    id: text('id').primaryKey(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    bookId: text('book_id')
      .notNull()
      .references(() => books.id),
    seed: integer('seed').notNull(),
    begunAt: timestamp('begun_at', { withTimezone: true }).notNull().defaultNow(),
    /** How often it was checked, and what came of it last, in hundredths of what could be had. */
    checked: integer('checked').notNull().default(0),
    share: integer('share'),
  },
  (table) => [
    index('practices_person').on(table.personId, table.exerciseId),
    index('practices_book').on(table.bookId),
  ],
);

/** One answer in a drill. */
export const drillAnswers = pgTable(
  'drill_answers',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    nameId: text('name_id').notNull(),
    kind: text('kind').notNull(),
    answer: text('answer').notNull(),
    isRight: boolean('is_right').notNull(),
    /** What was not told apart; null: it was right, or nothing usual. */
    missed: text('missed'),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('drill_answers_person').on(table.personId, table.at)],
);

/** A drill or a practice that an instructor asks of a student. */
export const drillsAsked = pgTable(
  'drills_asked',
  {
    id: text('id').primaryKey(),
    byId: text('by_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** What is to be told apart; null: the exercise is to be practised. */
    distinction: text('distinction'),
    exerciseId: text('exercise_id').references(() => exercises.id, { onDelete: 'cascade' }),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    doneAt: timestamp('done_at', { withTimezone: true }),
  },
  (table) => [index('drills_asked_person').on(table.personId)],
);
