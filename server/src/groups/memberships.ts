import { and, eq, inArray, or } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { formerMembers, groups, members } from '../database/schema/index.js';
import { notFound } from '../http/problem.js';

/** Puts students into a class group, those who were taken out of it, too. */
export async function bringIn(tx: Queries, groupId: string, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await tx
    .insert(members)
    .values(ids.map((personId) => ({ groupId, personId })))
    .onConflictDoNothing();
  await tx
    .delete(formerMembers)
    .where(and(eq(formerMembers.groupId, groupId), inArray(formerMembers.personId, [...ids])));
}

/** One after the other changes who is in a class and in the groups within it. Answers whose it is. */
export async function lockedClass(tx: Queries, classId: string): Promise<string> {
  const [found] = await tx
    .select({ ownerId: groups.ownerId })
    .from(groups)
    .where(eq(groups.id, classId))
    .for('no key update');
  if (!found) throw notFound('This class group');
  return found.ownerId;
}

/** Takes students out of a class, and of the groups within it; that they were in them is kept. */
export async function takeOut(tx: Queries, groupId: string, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await lockedClass(tx, groupId);
  const within = tx.select({ id: groups.id }).from(groups).where(eq(groups.withinId, groupId));
  const there = or(eq(members.groupId, groupId), inArray(members.groupId, within));
  const gone = await tx
    .delete(members)
    .where(and(there, inArray(members.personId, [...ids])))
    .returning();
  if (gone.length === 0) return;
  await tx.insert(formerMembers).values(gone).onConflictDoNothing();
}
