import type { QueryClient } from '@tanstack/react-query';
import type { GuideAnswer } from '@gleddo/contract';
import type { Revealed } from '@gleddo/core';
import { withheld } from './step-state';

/** What the steps of a book keep back so far, as far as its guide was told to this page. */
export function withheldNow(queries: QueryClient, bookId: string): ReadonlySet<Revealed> {
  const described = queries.getQueriesData<GuideAnswer>({ queryKey: ['guide', bookId] });
  const answer = described.flatMap(([, each]) => each ?? []).at(-1);
  return answer ? withheld(answer.guide.steps, answer.place) : new Set();
}
