import { typeOf } from '../../model/scheme/scheme.js';
import { balanceAt, type HealthCheck } from './health-check.js';

export const suspenseEmpty: HealthCheck<{ readonly name: string; readonly amount: string }> = {
  id: 'health.suspense-empty',
  title: 'Suspense empty',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, type }) => {
      const amount = balanceAt(look, id);
      const isSuspense = typeOf(look.book.scheme, type)?.role === 'suspense';
      return isSuspense && amount !== 0
        ? [{ account: id, facts: { name, amount: look.money(amount) } }]
        : [];
    }),
  says: ({ name, amount }) =>
    `${amount} waits on “${name}”. Find out what it is, and give it its place.`,
};
