import { balanceAt, type HealthCheck } from './health-check.js';

export const retiredAtZero: HealthCheck<{ readonly name: string; readonly amount: string }> = {
  id: 'health.retired-at-zero',
  title: 'Retired accounts at zero',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, retired }) => {
      const amount = balanceAt(look, id);
      return retired && amount !== 0
        ? [{ account: id, facts: { name, amount: look.money(amount) } }]
        : [];
    }),
  says: ({ name, amount }) =>
    `“${name}” is retired and still stands at ${amount}. Move it to where it belongs now.`,
};
