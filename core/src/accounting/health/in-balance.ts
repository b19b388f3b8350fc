import { openingDifference } from '../ledger/balances.js';
import type { HealthCheck } from './health-check.js';

export const inBalance: HealthCheck<{ readonly amount: string; readonly side: string }> = {
  id: 'health.in-balance',
  title: 'In balance',
  find({ book, money }) {
    const difference = openingDifference(book);
    const side = difference > 0 ? 'debit' : 'credit';
    return difference === 0 ? [] : [{ account: null, facts: { amount: money(difference), side } }];
  },
  says: ({ amount, side }) =>
    `The opening balances have ${amount} more in ${side}; the difference waits in suspense. Find the balance that is missing or wrong.`,
};
