import {
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  timestamp,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';
import { people } from './people.js';

export const groups = pgTable('groups', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  ownerId: text('owner_id')
    .notNull()
    .references(() => people.id),
  /** Of which class it is a group of students; null: it is a class itself. */
  withinId: text('within_id').references((): AnyPgColumn => groups.id, { onDelete: 'cascade' }),
  /** How many of each student’s worst marks don’t count. */
  dropWorst: integer('drop_worst').notNull().default(0),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
});

export const members = pgTable(
  'members',
  {
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
  },
  (table) => [
    primaryKey({ columns: [table.groupId, table.personId] }),
    index('members_person').on(table.personId),
  ],
);

/** Who was in a class group and was taken out: what they did stays, nothing more is handed out to them. */
export const formerMembers = pgTable(
  'former_members',
  {
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    leftAt: timestamp('left_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.groupId, table.personId] }),
    index('former_members_person').on(table.personId),
  ],
);
