import type { EarlierTry } from '@gleddo/contract';
import { countedMark, type CountedMark, type CountsRule, type Times } from '@gleddo/core';
import { asc, inArray } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { earlierTries, tries } from '../database/schema/index.js';
import { shownOf } from '../kept/giving.js';

export type EarlierRow = typeof earlierTries.$inferSelect;
type Work = Pick<typeof tries.$inferSelect, 'state' | 'points' | 'outOf' | 'giving'>;

/** The tries before the one that a work is now, by the work, the first first. */
export async function earlierOf(
  db: Queries,
  tryIds: readonly string[],
): Promise<(tryId: string) => readonly EarlierRow[]> {
  const rows =
    tryIds.length === 0
      ? []
      : await db
          .select()
          .from(earlierTries)
          .where(inArray(earlierTries.tryId, [...tryIds]))
          .orderBy(asc(earlierTries.number));
  const found = new Map<string, EarlierRow[]>();
  for (const row of rows) found.set(row.tryId, [...(found.get(row.tryId) ?? []), row]);
  return (tryId) => found.get(tryId) ?? [];
}

type Marked = Pick<Work, 'points' | 'outOf'>;

const markOf = ({ points, outOf }: Marked): CountedMark[] =>
  points === null || outOf === null ? [] : [{ points, of: outOf }];

type Counting = Pick<Times, 'tries' | 'counts'>;

/** Which marks somebody is told of: a student those that are shown. */
export type Told = 'all' | 'shown';

const isTold = (told: Told, { giving }: Pick<Work, 'giving'>) =>
  told === 'all' || shownOf({ giving }).marks;

/** Where no class allows several tries any more, they count as they did when the last was begun. */
const ruleOf = (earlier: readonly EarlierRow[], { tries: most, counts }: Counting): CountsRule =>
  most > 1 ? counts : (earlier.at(-1)?.counts ?? counts);

/** What counts of a student’s tries that were given back; null: nothing yet. */
export function countedOf(
  work: Work,
  earlier: readonly EarlierRow[],
  { times, told }: { readonly times: Counting; readonly told: Told },
): CountedMark | null {
  const back = [...earlier, ...(work.state === 'given-back' ? [work] : [])];
  const marks = back.filter((each) => isTold(told, each)).flatMap(markOf);
  return countedMark(marks, ruleOf(earlier, times));
}

/** A try of before as somebody may know it. */
export function earlierShown(
  { number, handedInAt, points, outOf, giving }: EarlierRow,
  told: Told,
): EarlierTry {
  const isShown = isTold(told, { giving });
  return {
    ...{ number, handedInAt: handedInAt?.toISOString() ?? null },
    ...{ points: isShown ? points : null, of: isShown ? outOf : null },
  };
}
