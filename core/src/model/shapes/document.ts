import { id } from './account.js';
import { day } from './day.js';
import { quantity } from './quantity.js';
import { record } from '../shape/record.js';
import {
  amount,
  exactly,
  listIfAny,
  oneOf,
  orNull,
  text,
  usually,
  type ValueOf,
} from '../shape/shape.js';

/** What can happen. An order makes no entry; each other kind makes one. */
export const DOCUMENT_KINDS = [
  'ordered',
  'goods-in',
  'supplier-invoice',
  'supplier-payment',
  'goods-out',
  'customer-invoice',
  'customer-payment',
  'credit-note',
  'money-in',
  'money-out',
  'transfer',
  'stock-count',
] as const;

export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

/** So many of an item, at a price for one; or an amount on an account. */
const documentLineShape = record(
  {
    item: orNull(id),
    /** Below zero: goods that come back. */
    quantity: orNull(quantity),
    price: orNull(amount),
    account: orNull(id),
    amount: orNull(amount),
    /** With which of the taxes that documents use it is charged; absent: with none. */
    taxCode: text(60),
  },
  'taxCode',
);

export type DocumentLine = ValueOf<typeof documentLineShape>;

/** The document that another settles, and with how much of it, minor units over zero. */
const settlementShape = record({ document: id, amount });

export type Settlement = ValueOf<typeof settlementShape>;

/** What happened, on paper: it makes its entry by the company's rules. */
export const documentShape = record(
  {
    id: text(100),
    kind: oneOf(DOCUMENT_KINDS),
    date: day,
    reference: usually(text(), ''),
    text: usually(text(), ''),
    party: orNull(id),
    /** The own account on which money comes or from which it goes. */
    money: orNull(id),
    /** The own account to which a transfer goes. */
    to: orNull(id),
    /** Money moved, minor units over zero, where the lines do not say it. */
    amount: orNull(amount),
    /** Taken off for paying early: it settles, too, but moves no money. */
    discount: usually(amount, 0),
    lines: listIfAny(documentLineShape, 100, 'lines in one document'),
    settles: listIfAny(settlementShape, 100, 'documents settled by one'),
    /** Prices and amounts of its lines hold their tax; absent: it comes on top. */
    pricesIncludeTax: exactly(true),
  },
  'pricesIncludeTax',
);

export type Document = ValueOf<typeof documentShape>;
