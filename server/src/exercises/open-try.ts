import { and, eq, ne } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { tries } from '../database/schema/index.js';

/** Whether somebody has still to hand in an exercise, begun or not: until then nothing tells them its key. */
export async function isTryOpen(
  db: Queries,
  { exerciseId, personId }: { readonly exerciseId: string; readonly personId: string },
): Promise<boolean> {
  const [handedIn] = await db
    .select({ id: tries.id })
    .from(tries)
    .where(
      and(
        eq(tries.exerciseId, exerciseId),
        eq(tries.personId, personId),
        ne(tries.state, 'working'),
      ),
    );
  return handedIn === undefined;
}
