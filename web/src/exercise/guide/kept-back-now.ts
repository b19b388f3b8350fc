import type { QueryClient } from '@tanstack/react-query';
import type { GuideAnswer } from '@gleddo/contract';
import type { Brought } from '@gleddo/core';
import { keptBack } from './step-state';

/** What the steps of a book keep back so far, as far as its guide was told to this page. */
export function keptBackNow(queries: QueryClient, bookId: string): ReadonlySet<Brought> {
  const told = queries.getQueriesData<GuideAnswer>({ queryKey: ['guide', bookId] });
  const answer = told.flatMap(([, each]) => each ?? []).at(-1);
  return answer ? keptBack(answer.guide.steps, answer.place) : new Set();
}
