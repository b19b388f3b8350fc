import { and, eq } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { books, checkTasks, corrections, filedTables } from '../database/schema/index.js';
import type { TryRow } from './checks.service.js';

/** What a try is while it is worked on: neither handed in nor marked. */
export const AT_WORK = {
  state: 'working',
  ...{ handedInAt: null, givenBackAt: null, readAt: null, giving: null, fileName: null },
  ...{ checkId: null, checkFault: null, points: null, outOf: null, begunBookId: null },
  ...{ byItself: false, wishedAt: null },
} as const;

/** What hung on a work as it was handed in: its table, its copy to put right, what waits to be checked. */
export async function forgetHandedIn(db: Queries, { id }: TryRow): Promise<void> {
  await db.delete(filedTables).where(eq(filedTables.tryId, id));
  await db.delete(checkTasks).where(and(eq(checkTasks.tryId, id), eq(checkTasks.state, 'waiting')));
  const copies = await db.delete(corrections).where(eq(corrections.tryId, id)).returning();
  for (const copy of copies) await db.delete(books).where(eq(books.id, copy.bookId));
}
