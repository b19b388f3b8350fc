import { and, asc, eq, gt, lte } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { bookOperations } from '../database/schema/index.js';

/** The steps of a book's history after a revision, up to another, the first first. */
export const stepsOf = (
  db: Queries,
  id: string,
  { from, to }: { readonly from: number; readonly to: number },
) =>
  db
    .select({ operation: bookOperations.operation, inverse: bookOperations.inverse })
    .from(bookOperations)
    .where(
      and(
        eq(bookOperations.bookId, id),
        gt(bookOperations.revision, from),
        lte(bookOperations.revision, to),
      ),
    )
    .orderBy(asc(bookOperations.revision));
