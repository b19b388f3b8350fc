import { shownPeriod, type Book, type Period } from '@gleddo/core';
import type { ShownResult } from '@gleddo/contract';

/** The period that the statements were compared over, told from the results; else the work's own. */
export function comparedPeriod(results: readonly ShownResult[], work: Book): Period {
  const dates = results.flatMap((result) => (result.date ? [result.date] : []));
  const usual = shownPeriod(work);
  const profit = dates.find((date) => date.statement === 'profit-and-loss');
  const sheet = dates.find((date) => date.statement === 'balance-sheet');
  return {
    from: profit?.from ?? usual.from,
    to: sheet?.at ?? profit?.to ?? usual.to,
  };
}
