import { sql } from 'drizzle-orm';
import {
  boolean,
  index,
  integer,
  pgTable,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core';

export const people = pgTable(
  'people',
  {
    id: text('id').primaryKey(),
    name: text('name').notNull(),
    /** What the school’s own lists call somebody; empty: not said. */
    number: text('number').notNull().default(''),
    email: text('email').notNull().default(''),
    login: text('login').notNull(),
    passwordHash: text('password_hash').notNull(),
    /** Whether the password is one that the program made, until its person has chosen another. */
    isFirstPassword: boolean('is_first_password').notNull().default(false),
    /** Whether they want letters about their exercises: one a day at most. */
    wantsLetters: boolean('wants_letters').notNull().default(true),
    role: text('role', { enum: ['instructor', 'student'] }).notNull(),
    /** The first instructor: who makes the others and resets their passwords. */
    isHead: boolean('is_head').notNull().default(false),
    /** What a second device shows codes of; null: none is asked for. */
    totpSecret: text('totp_secret'),
    /** The step of time of the last code: none counts twice. */
    totpStep: integer('totp_step'),
    /** The name of the request that added this person: sent again, it finds the same people. */
    addedWith: text('added_with'),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    uniqueIndex('people_login').on(sql`lower(${table.login})`),
    uniqueIndex('people_head')
      .on(table.isHead)
      .where(sql`${table.isHead}`),
    index('people_added_with').on(table.addedWith),
    index('people_number').on(sql`lower(${table.number})`),
    index('people_email').on(sql`lower(${table.email})`),
    index('people_name').on(sql`lower(${table.name})`),
  ],
);

/** The id is a hash of the token in the cookie: a stolen table opens no door. */
export const sessions = pgTable(
  'sessions',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    expiresAt: timestamp('expires_at', { withTimezone: true }).notNull(),
    /** By which its person names it, to end it: the id is told to nobody. */
    handle: text('handle').notNull().default(''),
    /** What the browser says that it is. */
    browser: text('browser').notNull().default(''),
    begunAt: timestamp('begun_at', { withTimezone: true }).notNull().defaultNow(),
    /** When it was last used, give or take some minutes. */
    seenAt: timestamp('seen_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('sessions_person').on(table.personId)],
);
