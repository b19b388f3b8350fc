import { sql } from 'drizzle-orm';
import { check, index, pgTable, serial, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';
import { companies } from './companies.js';
import { exercises } from './exercises.js';
import { groups } from './groups.js';
import { people } from './people.js';
import type { HowShared } from '@gleddo/contract';

/** What somebody shares with a colleague: one company, exercise, class group or stock of notes a row. */
export const shares = pgTable(
  'shares',
  {
    id: serial('id').primaryKey(),
    companyId: text('company_id').references(() => companies.id, { onDelete: 'cascade' }),
    exerciseId: text('exercise_id').references(() => exercises.id, { onDelete: 'cascade' }),
    groupId: text('group_id').references(() => groups.id, { onDelete: 'cascade' }),
    /** The stock of notes of whom. */
    stockOfId: text('stock_of_id').references(() => people.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    how: text('how').$type<HowShared>().notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    uniqueIndex('shares_company').on(table.companyId, table.personId),
    uniqueIndex('shares_exercise').on(table.exerciseId, table.personId),
    uniqueIndex('shares_group').on(table.groupId, table.personId),
    uniqueIndex('shares_stock').on(table.stockOfId, table.personId),
    index('shares_person').on(table.personId),
    check('shares_of_one', sql`num_nonnulls(company_id, exercise_id, group_id, stock_of_id) = 1`),
  ],
);
