import { retainedAccounts } from '../../model/book/book-faults.js';
import { keepsProfits } from '../../model/book/new-book.js';
import type { HealthCheck } from './health-check.js';

export const oneProfitAccount: HealthCheck<{ readonly count: number }> = {
  id: 'health.one-profit-account',
  title: 'One account that takes the profit',
  find({ book }) {
    const count = retainedAccounts(book).length;
    const isRight = count === 1 || (count === 0 && !keepsProfits(book.company.legalForm));
    return isRight ? [] : [{ account: null, facts: { count } }];
  },
  says: ({ count }) =>
    count === 0
      ? 'No account keeps the profits. Set up retained earnings.'
      : `${count} accounts keep the profits; one is needed. Give the others another type.`,
};
