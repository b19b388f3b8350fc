import type { Fate } from '@gleddo/contract';
import { and, eq, inArray, is, notExists, or } from 'drizzle-orm';
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core';
import { nanoid } from 'nanoid';
import type { Queries } from '../database/open-database.js';
import * as schema from '../database/schema/index.js';
import { exercisesOf, groupsOf, onlyIn } from './what-hangs.js';

const {
  books,
  companies,
  exercises,
  filedTables,
  groups,
  notes,
  people,
  sessions,
  shares,
  letters,
  platformPeople,
  platformScores,
  signInLinks,
  stockNotes,
  tries,
  words,
} = schema;

/** How somebody is called of whom nothing but works is left. */
const NAMELESS = 'Somebody who left';

export async function removeExercises(tx: Queries, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await tx
    .update(exercises)
    .set({ continues: null, ownWork: false })
    .where(inArray(exercises.continues, [...ids]));
  await tx.delete(tries).where(inArray(tries.exerciseId, [...ids]));
  await tx.delete(exercises).where(inArray(exercises.id, [...ids]));
}

/** Class groups, and the students who are in no other one. */
export async function removeGroups(tx: Queries, ids: readonly string[], fate: Fate): Promise<void> {
  if (ids.length === 0) return;
  await removeStudents(tx, await onlyIn(tx, ids), fate);
  await tx.delete(groups).where(inArray(groups.id, [...ids]));
}

export async function removeStudents(
  tx: Queries,
  ids: readonly string[],
  fate: Fate,
): Promise<void> {
  if (ids.length === 0) return;
  if (fate === 'deleted') {
    await tx.delete(tries).where(inArray(tries.personId, [...ids]));
    await tx.delete(people).where(inArray(people.id, [...ids]));
  } else for (const id of ids) await makeNameless(tx, id);
}

/** The works stay and count; nothing says whose they were, and nobody can sign in as their student. */
async function makeNameless(tx: Queries, id: string): Promise<void> {
  const unknown = {
    login: `left-${nanoid()}`,
    passwordHash: '',
    totpSecret: null,
    addedWith: null,
    number: '',
    email: '',
  };
  await tx
    .update(people)
    .set({ name: NAMELESS, ...unknown })
    .where(eq(people.id, id));
  for (const table of [sessions, signInLinks, letters, platformPeople, platformScores])
    await tx.delete(table).where(eq(table.personId, id));
  const own = tx.select({ id: tries.id }).from(tries).where(eq(tries.personId, id));
  await tx.delete(filedTables).where(inArray(filedTables.tryId, own));
  // What they wrote may say who they were.
  await tx.delete(words).where(inArray(words.tryId, own));
  await tx.update(tries).set({ fileName: null }).where(eq(tries.personId, id));
}

interface InstructorLeaves {
  readonly id: string;
  readonly heirId: string | null;
  readonly fate: Fate;
}

/** An instructor, whose things pass to another or go, too. */
export async function removeInstructor(
  tx: Queries,
  { id, heirId, fate }: InstructorLeaves,
): Promise<void> {
  const heir = await whoTakesOver(tx, heirId);
  if (heirId === null) await removeThings(tx, id, fate);
  else await passOn(tx, id, heir);
  for (const table of [notes, words])
    await tx.update(table).set({ byId: heir }).where(eq(table.byId, id));
  await tx.delete(people).where(eq(people.id, id));
}

/** The heir; where there is none, or none any more, the head of the house. */
async function whoTakesOver(tx: Queries, heirId: string | null): Promise<string> {
  const found = await tx
    .select({ id: people.id, isHead: people.isHead })
    .from(people)
    .where(or(eq(people.isHead, true), eq(people.id, heirId ?? '')));
  const [one] = found.sort((a, b) => Number(b.id === heirId) - Number(a.id === heirId));
  if (!one) throw new Error('a house without a head');
  return one.id;
}

async function removeThings(tx: Queries, id: string, fate: Fate): Promise<void> {
  await removeExercises(tx, await exercisesOf(tx, id));
  await removeGroups(tx, await groupsOf(tx, id), fate);
  await tx.delete(companies).where(eq(companies.ownerId, id));
}

async function passOn(tx: Queries, id: string, ownerId: string): Promise<void> {
  for (const table of [companies, exercises, groups, stockNotes])
    await tx.update(table).set({ ownerId }).where(eq(table.ownerId, id));
  // What is theirs from now on is shared with them no longer.
  for (const [column, table] of [
    [shares.companyId, companies],
    [shares.exerciseId, exercises],
    [shares.groupId, groups],
  ] as const) {
    const theirs = tx.select({ id: table.id }).from(table).where(eq(table.ownerId, ownerId));
    await tx.delete(shares).where(and(eq(shares.personId, ownerId), inArray(column, theirs)));
  }
}

/** The columns that name a book: the tables say so themselves. */
const namingBooks = Object.values(schema).flatMap((table) => {
  if (!is(table, PgTable)) return [];
  return getTableConfig(table).foreignKeys.flatMap((key) => {
    const { columns, foreignTable } = key.reference();
    return foreignTable === books && key.onDelete !== 'cascade'
      ? columns.map((column) => ({ table, column }))
      : [];
  });
});

/** Books that nothing names any more, with their history. */
export async function removeLooseBooks(tx: Queries): Promise<void> {
  const isLoose = namingBooks.map(({ table, column }) =>
    notExists(
      tx
        .select({ [column.name]: column })
        .from(table)
        .where(eq(column, books.id)),
    ),
  );
  await tx.delete(books).where(and(...isLoose));
}
