import { daysLate, lateOffOf, type Times } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Queries } from '../database/open-database.js';
import { exercises, notes, tries } from '../database/schema/index.js';

type Work = Pick<
  typeof tries.$inferSelect,
  'id' | 'exerciseId' | 'handedInAt' | 'closedAt' | 'lateChargedFor'
>;

interface Late {
  readonly times: Times;
  /** The points that there are to earn. */
  readonly of: number;
}

/** What a note refers to that takes points off for coming late. */
export const LATE_REF = 'late';

/** What coming late takes off, of so many points: nothing where no closing time holds for a work. */
export const offOf = ({ handedInAt, closedAt }: Work, { times, of }: Late): number =>
  handedInAt === null || closedAt !== null ? 0 : lateOffOf(times, handedInAt.getTime(), of);

/**
 * What coming late takes off stands as a note that the instructor can take away: what was taken away stays so until the work
 * comes in another time.
 */
export async function chargeLate(db: Queries, work: Work, late: Late): Promise<void> {
  const { id: tryId, handedInAt, lateChargedFor } = work;
  const points = -offOf(work, late);
  const its = and(eq(notes.tryId, tryId), eq(notes.ref, LATE_REF));
  const [standing] = await db.select({ id: notes.id }).from(notes).where(its);
  if (points === 0 || handedInAt === null) {
    if (standing) await db.delete(notes).where(its);
    if (standing) await db.update(tries).set({ lateChargedFor: null }).where(eq(tries.id, tryId));
    return;
  }
  const said = { points, text: saidOf(late, handedInAt) };
  if (standing) await db.update(notes).set(said).where(its);
  else if (lateChargedFor?.getTime() === handedInAt.getTime()) return;
  else await insert(db, work, said);
  await db.update(tries).set({ lateChargedFor: handedInAt }).where(eq(tries.id, tryId));
}

async function insert(
  db: Queries,
  { id: tryId, exerciseId }: Work,
  said: { readonly points: number; readonly text: string },
): Promise<void> {
  const [exercise] = await db
    .select({ byId: exercises.ownerId })
    .from(exercises)
    .where(eq(exercises.id, exerciseId));
  if (exercise)
    await db.insert(notes).values({ id: nanoid(), tryId, ref: LATE_REF, ...exercise, ...said });
}

function saidOf({ times }: Late, handedInAt: Date): string {
  const days = daysLate(times, handedInAt.getTime());
  const off = `${times.lateOff} % of the points`;
  return days === 1
    ? `Came late: ${off} for the day that had begun.`
    : `Came late: ${off} for each of the ${days} days that had begun.`;
}
