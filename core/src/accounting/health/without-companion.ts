import { childrenOf } from '../../model/book/place.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { balanceAt, type HealthCheck } from './health-check.js';

/** Types of assets that are used up over the years. */
const USED_UP = new Set([
  'buildings',
  'plant-equipment',
  'vehicles',
  'furniture-fittings',
  'computers',
  'intangible',
]);

export const withoutCompanion: HealthCheck<{ readonly name: string }> = {
  id: 'health.without-companion',
  title: 'Assets with their depreciation',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, type, retired }) => {
      if (retired || !USED_UP.has(type ?? '') || balanceAt(look, id) === 0) return [];
      const isBeside = childrenOf(look.book, id).some(
        (child) => typeOf(look.book.scheme, child.type)?.role === 'accumulated-depreciation',
      );
      return isBeside ? [] : [{ account: id, facts: { name } }];
    }),
  says: ({ name }) =>
    `“${name}” is used up over the years, and no account under it collects its depreciation. Set up the pair.`,
};
