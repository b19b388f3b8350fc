import type { EntryKind } from '../../model/shapes/entry.js';
import type { DocumentKind } from '../../model/shapes/document.js';
import type { PartyKind } from '../../model/shapes/party.js';

interface KindFacts {
  readonly name: string;
  /** Whom it needs. */
  readonly party: PartyKind | 'either' | 'none';
  /** Whether money moves on an own account. */
  readonly money: boolean;
  /** Of what its lines are; none: an amount says it. */
  readonly lines: 'items' | 'either' | 'accounts' | 'none';
  /** Whether a line's item needs a price. */
  readonly priced: boolean;
  /** The kind of its entry; null: it makes none. */
  readonly entry: EntryKind | null;
  /** On which side of the tax return its lines stand: of what is sold, of what is bought, of either as its party is; none. */
  readonly taxed: 'sales' | 'purchases' | 'either' | 'none';
  /** How it moves what its party owes or is owed: up, down, or not. */
  readonly owed: 1 | -1 | 0;
  /** What it does to the books, in a sentence. */
  readonly says: string;
}

const NOBODY = { party: 'none', owed: 0, taxed: 'none' } as const;
const GOODS = { money: false, lines: 'items', owed: 0, taxed: 'none' } as const;
const PAPER = { money: false, lines: 'either', priced: true, taxed: 'none' } as const;
const PAYMENT = { money: true, lines: 'none', priced: false, owed: -1, taxed: 'none' } as const;

/** What each kind of document needs and makes. */
export const KIND_FACTS: Readonly<Record<DocumentKind, KindFacts>> = {
  ordered: {
    ...PAPER,
    name: 'Order',
    party: 'either',
    entry: null,
    owed: 0,
    says: 'An order is a promise: it makes no entry.',
  },
  'goods-in': {
    ...GOODS,
    name: 'Goods in',
    party: 'supplier',
    priced: true,
    entry: 'purchases',
    says: 'What arrives is yours; until its invoice comes it is owed as goods received, not invoiced.',
  },
  'supplier-invoice': {
    ...PAPER,
    taxed: 'purchases',
    name: 'Supplier’s invoice',
    party: 'supplier',
    entry: 'purchases',
    owed: 1,
    says: 'What the supplier asks for is owed to the supplier from now on.',
  },
  'supplier-payment': {
    ...PAYMENT,
    name: 'Paid to supplier',
    party: 'supplier',
    entry: 'cash-payments',
    says: 'Money settles what is owed to the supplier; paid ahead, it stands on the supplier’s other side meanwhile.',
  },
  'goods-out': {
    ...GOODS,
    name: 'Goods out',
    party: 'customer',
    priced: false,
    entry: 'sales',
    says: 'What leaves takes its cost along, invoice or not.',
  },
  'customer-invoice': {
    ...PAPER,
    taxed: 'sales',
    name: 'Invoice to customer',
    party: 'customer',
    entry: 'sales',
    owed: 1,
    says: 'What is invoiced is income, and the customer owes it.',
  },
  'customer-payment': {
    ...PAYMENT,
    name: 'Money from customer',
    party: 'customer',
    entry: 'cash-receipts',
    says: 'Money settles what the customer owes; paid ahead, it stands on the customer’s other side meanwhile.',
  },
  'credit-note': {
    ...PAPER,
    taxed: 'either',
    name: 'Credit note',
    party: 'either',
    entry: 'general',
    owed: -1,
    says: 'What was invoiced too much is taken back.',
  },
  'money-in': {
    ...NOBODY,
    taxed: 'sales',
    name: 'Money in',
    money: true,
    lines: 'accounts',
    priced: false,
    entry: 'cash-receipts',
    says: 'Money comes without a document of a party.',
  },
  'money-out': {
    ...NOBODY,
    taxed: 'purchases',
    name: 'Money out',
    money: true,
    lines: 'accounts',
    priced: false,
    entry: 'cash-payments',
    says: 'Money goes without a document of a party.',
  },
  transfer: {
    ...NOBODY,
    name: 'Transfer',
    money: true,
    lines: 'none',
    priced: false,
    entry: 'transfer',
    says: 'Money goes from one own account to another.',
  },
  'stock-count': {
    ...NOBODY,
    ...GOODS,
    name: 'Stock count',
    priced: false,
    entry: 'adjusting',
    says: 'What lies in stock is counted; the books follow the count.',
  },
};
