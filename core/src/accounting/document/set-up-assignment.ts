import { account, freeIdFrom } from '../../model/book/new-book.js';
import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Operation } from '../../model/shapes/operation.js';
import { siblingsIn, numberAt } from '../../model/placing/places.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { AssignmentPurpose } from '../../model/shapes/subledgers.js';

/** The type, and the usual name, of an account for each purpose. */
const USUAL: Readonly<Record<AssignmentPurpose, readonly [type: string, name: string]>> = {
  receivables: ['trade-receivables', 'Trade receivables'],
  payables: ['trade-payables', 'Trade payables'],
  goodsReceived: ['goods-received-not-invoiced', 'Goods received, not invoiced'],
  goodsInvoiced: ['goods-in-transit', 'Goods in transit'],
  priceDifference: ['cost-of-goods-sold', 'Purchase price differences'],
  discountGiven: ['returns-given', 'Discounts given'],
  discountTaken: ['returns-taken', 'Discounts taken'],
  returnsGiven: ['returns-given', 'Sales taken back'],
  returnsTaken: ['returns-taken', 'Purchases sent back'],
  stockChange: ['stock-change', 'Change of stock'],
};

/** What sets up an account for a purpose of documents, at its place, and chooses it. */
export function settingUp(book: Book, purpose: AssignmentPurpose): Operation {
  const [type, name] = USUAL[purpose];
  const section = typeOf(book.scheme, type)?.section ?? '';
  const after = siblingsIn(book, section, null).at(-1) ?? null;
  const number = numberAt(book, { type, parent: null, after, before: null }, null);
  const id = freeIdFrom(book, name);
  const { posting, inventory } = subledgersOf(book);
  return {
    kind: 'several',
    operations: [
      {
        kind: 'add-account',
        account: account(id, name, { type, number: number.ok ? number.value : null }),
      },
      { kind: 'change-posting', posting: { ...posting, [purpose]: id }, inventory },
    ],
  };
}
