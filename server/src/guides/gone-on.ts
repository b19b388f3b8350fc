import { and, asc, eq, or, sql } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { bookOperations } from '../database/schema/index.js';

/** A step of a history that is no operation: the books are those of a checkpoint. */
export const WENT_ON = 'went-on';

interface Said {
  readonly kind: string;
  /** Of a setting back: to which revision. */
  readonly revision?: number;
}

/** At which revisions somebody went on whose gift still stands in a book: not what it was set back from since. */
export async function goneOnAt(db: Queries, bookId: string): Promise<ReadonlySet<number>> {
  const kind = sql`(${bookOperations.operation})::jsonb ->> 'kind'`;
  const rows = await db
    .select({ revision: bookOperations.revision, operation: bookOperations.operation })
    .from(bookOperations)
    .where(and(eq(bookOperations.bookId, bookId), or(eq(kind, WENT_ON), eq(kind, 'set-back'))))
    .orderBy(asc(bookOperations.revision));
  return standing(
    rows.map(({ revision, operation }) => ({ revision, said: JSON.parse(operation) as Said })),
  );
}

interface Step {
  readonly revision: number;
  readonly said: Said;
}

/** Of steps in their order those of going on that stand at the end. */
function standing(steps: readonly Step[]): ReadonlySet<number> {
  const moments: { revision: number; stands: ReadonlySet<number> }[] = [
    { revision: 0, stands: new Set() },
  ];
  for (const { revision, said } of steps) {
    const to = said.kind === WENT_ON ? revision : (said.revision ?? 0);
    const before = moments.findLast((each) => each.revision <= to)?.stands ?? new Set<number>();
    const stands = said.kind === WENT_ON ? new Set([...before, revision]) : before;
    moments.push({ revision, stands });
  }
  return moments.at(-1)?.stands ?? new Set();
}
