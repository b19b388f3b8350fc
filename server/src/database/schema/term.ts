import { index, integer, pgTable, primaryKey, text } from 'drizzle-orm/pg-core';
import { exercises } from './exercises.js';
import { groups } from './groups.js';
import { people } from './people.js';

/** How much an exercise weighs in the term of a class; what stands in no row weighs as much as the others. */
export const termWeights = pgTable(
  'term_weights',
  {
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    weight: integer('weight').notNull(),
  },
  (table) => [primaryKey({ columns: [table.groupId, table.exerciseId] })],
);

/** For whom an exercise does not count. */
export const excused = pgTable(
  'excused',
  {
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
  },
  (table) => [
    primaryKey({ columns: [table.exerciseId, table.personId] }),
    index('excused_person').on(table.personId),
  ],
);
