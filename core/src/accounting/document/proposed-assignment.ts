import type { Account, Book } from '../../model/book/book.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { AccountAssignment } from '../../model/shapes/subledgers.js';

/**
 * The accounts that documents would use, by the types of the chart: for each purpose the first in use of a type that
 * fits; null where there is none.
 */
export function proposedAssignment(book: Book): AccountAssignment {
  const inUse = book.accounts.filter(({ retired }) => !retired);
  const first = (fits: (account: Account) => boolean): string | null =>
    inUse.find(fits)?.id ?? null;
  const ofRole = (role: string) => first(({ type }) => typeOf(book.scheme, type)?.role === role);
  const ofType = (...types: string[]): string | null =>
    types.reduce<string | null>(
      (found, type) => found ?? first((each) => each.type === type),
      null,
    );
  return {
    receivables: ofRole('receivables-control'),
    payables: ofRole('payables-control'),
    goodsReceived: ofType('goods-received-not-invoiced', 'accrued-expense'),
    goodsInvoiced: ofType('goods-in-transit'),
    // A choice of the company: nothing proposes it.
    priceDifference: null,
    discountGiven: ofType('discounts-given', 'returns-given'),
    discountTaken: ofType('discounts-taken', 'returns-taken', 'sundry-income'),
    returnsGiven: ofType('returns-given'),
    // So is this one.
    returnsTaken: null,
    stockChange: ofType('stock-change', 'cost-of-goods-sold'),
  };
}
