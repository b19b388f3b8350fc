import { eq, sum } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { checks, notes, tries } from '../database/schema/index.js';

/** A try's points: those of its latest check, and those of notes. Never below zero. */
export async function addUp(db: Queries, tryId: string): Promise<void> {
  const [run] = await db
    .select({ points: checks.points, outOf: checks.outOf })
    .from(tries)
    .innerJoin(checks, eq(checks.id, tries.checkId))
    .where(eq(tries.id, tryId));
  if (!run) return;
  const [own] = await db
    .select({ points: sum(notes.points).mapWith(Number) })
    .from(notes)
    .where(eq(notes.tryId, tryId));
  const points = withOwn(run.points, run.outOf, own?.points ?? 0);
  await db.update(tries).set({ points, outOf: run.outOf }).where(eq(tries.id, tryId));
}

/** Points of the checks with those of notes, which stay within the range. */
export const withOwn = (points: number, of: number, own: number): number =>
  Math.min(of, Math.max(0, points + own));
