import { integer, pgTable, primaryKey, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';
import { exercises } from './exercises.js';
import { groups } from './groups.js';
import { people } from './people.js';

/** A learning platform of the school, as the head of the house has named it. */
export const platforms = pgTable(
  'platforms',
  {
    id: text('id').primaryKey(),
    name: text('name').notNull(),
    issuer: text('issuer').notNull(),
    clientId: text('client_id').notNull(),
    deployment: text('deployment').notNull(),
    signInUrl: text('sign_in_url').notNull(),
    tokenUrl: text('token_url').notNull(),
    keysUrl: text('keys_url').notNull(),
    addedAt: timestamp('added_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [uniqueIndex('platforms_client').on(table.issuer, table.clientId)],
);

const ofPlatform = () =>
  text('platform_id')
    .notNull()
    .references(() => platforms.id, { onDelete: 'cascade' });
const ofPerson = () =>
  text('person_id')
    .notNull()
    .references(() => people.id, { onDelete: 'cascade' });

/** What this house signs with what it tells a platform: one key, made when it is first wanted. */
export const platformKeys = pgTable('platform_keys', {
  id: text('id').primaryKey(),
  /** JSON Web Key, the private part with it. */
  jwk: text('jwk').notNull(),
});

/** What came in with a token of a platform: none comes in twice. */
export const platformNonces = pgTable('platform_nonces', {
  nonce: text('nonce').primaryKey(),
  until: timestamp('until', { withTimezone: true }).notNull(),
});

/** Who somebody of a platform is here. */
export const platformPeople = pgTable(
  'platform_people',
  { platformId: ofPlatform(), subject: text('subject').notNull(), personId: ofPerson() },
  (table) => [
    primaryKey({ columns: [table.platformId, table.subject] }),
    uniqueIndex('platform_people_person').on(table.platformId, table.personId),
  ],
);

/** A course of a platform, and the class group that it is here; null: nobody has said yet. */
export const platformCourses = pgTable(
  'platform_courses',
  {
    id: text('id').primaryKey(),
    platformId: ofPlatform(),
    context: text('context').notNull(),
    title: text('title').notNull(),
    groupId: text('group_id').references(() => groups.id, { onDelete: 'set null' }),
    /** Where the platform tells who is in it; null: it does not. */
    membersUrl: text('members_url'),
  },
  (table) => [uniqueIndex('platform_courses_context').on(table.platformId, table.context)],
);

/** Who teaches a course, as the platform says. */
export const platformStaff = pgTable(
  'platform_staff',
  {
    courseId: text('course_id')
      .notNull()
      .references(() => platformCourses.id, { onDelete: 'cascade' }),
    personId: ofPerson(),
  },
  (table) => [primaryKey({ columns: [table.courseId, table.personId] })],
);

/** A place in a course that leads here, and the exercise to which it leads; null: nobody has said yet. */
export const platformLinks = pgTable(
  'platform_links',
  {
    id: text('id').primaryKey(),
    courseId: text('course_id')
      .notNull()
      .references(() => platformCourses.id, { onDelete: 'cascade' }),
    /** What the platform calls it. */
    resource: text('resource').notNull(),
    title: text('title').notNull(),
    exerciseId: text('exercise_id').references(() => exercises.id, { onDelete: 'set null' }),
    /** Where its marks go, and where such a place can be made; null: the platform takes none. */
    lineItemUrl: text('line_item_url'),
    lineItemsUrl: text('line_items_url'),
  },
  (table) => [uniqueIndex('platform_links_resource').on(table.courseId, table.resource)],
);

/** The mark that a platform was told last; no points: it was told that there is none any more. */
export const platformScores = pgTable(
  'platform_scores',
  {
    linkId: text('link_id')
      .notNull()
      .references(() => platformLinks.id, { onDelete: 'cascade' }),
    personId: ofPerson(),
    points: integer('points'),
    outOf: integer('out_of'),
    toldAt: timestamp('told_at', { withTimezone: true }),
    /** How often in a row it could not be told, why, and before when it is not tried again. */
    failed: integer('failed').notNull().default(0),
    fault: text('fault'),
    notBefore: timestamp('not_before', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.linkId, table.personId] })],
);
