import { sql } from 'drizzle-orm';
import { index, pgTable, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';

export const people = pgTable(
  'people',
  {
    id: text('id').primaryKey(),
    name: text('name').notNull(),
    login: text('login').notNull(),
    passwordHash: text('password_hash').notNull(),
    role: text('role', { enum: ['instructor', 'student'] }).notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [uniqueIndex('people_login').on(sql`lower(${table.login})`)],
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
  },
  (table) => [index('sessions_person').on(table.personId)],
);
