import { accountOf } from '../../model/book/book.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { balanceAt, type HealthCheck } from './health-check.js';

type Found = { readonly name: string; readonly so: string; readonly cost: string };

export const overDepreciated: HealthCheck<Found> = {
  id: 'health.over-depreciated',
  title: 'Depreciation within the cost',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, type, parent }) => {
      const isDepreciation = typeOf(look.book.scheme, type)?.role === 'accumulated-depreciation';
      const asset = accountOf(look.book, parent);
      if (!isDepreciation || !asset) return [];
      const [so, cost] = [-balanceAt(look, id), balanceAt(look, asset.id)];
      return so > cost && so > 0
        ? [{ account: id, facts: { name, so: look.money(so), cost: look.money(cost) } }]
        : [];
    }),
  says: ({ name, so, cost }) =>
    `“${name}” has come to ${so}, more than the cost of ${cost}. Nothing is used up twice.`,
};
