import { balanceAt, type HealthCheck } from './health-check.js';

export const prepaidBelowZero: HealthCheck<{ readonly name: string; readonly amount: string }> = {
  id: 'health.prepaid-below-zero',
  title: 'No prepayment below zero',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, type }) => {
      const amount = balanceAt(look, id);
      return type === 'prepayment' && amount < 0
        ? [{ account: id, facts: { name, amount: look.money(amount) } }]
        : [];
    }),
  says: ({ name, amount }) =>
    `${amount} more was used up of “${name}” than was paid ahead. Look at its months.`,
};
