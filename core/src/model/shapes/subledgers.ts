import { id } from './account.js';
import { documentShape } from './document.js';
import { entryShape } from './entry.js';
import { itemShape } from './item.js';
import { openGoodsShape } from './open-goods.js';
import { partyShape } from './party.js';
import { record } from '../shape/record.js';
import { scheduleShape } from './schedule.js';
import { taxRuleShape } from './tax-rule.js';
import { templateShape } from './template.js';
import { listIfAny, oneOf, orNull, usually, type ValueOf } from '../shape/shape.js';

export const INVENTORY_SYSTEMS = ['perpetual', 'periodic'] as const;
export type InventorySystem = (typeof INVENTORY_SYSTEMS)[number];

/** Which account stands for what when documents make their entries; null where none is chosen. */
export const assignmentShape = record({
  receivables: orNull(id),
  payables: orNull(id),
  /** Goods received whose invoice is not there yet. */
  goodsReceived: orNull(id),
  /** Goods invoiced that are not here yet; null: they stand on the other side of goods received. */
  goodsInvoiced: orNull(id),
  /** What suppliers’ invoices differ by from what the goods came in at; null: it belongs to the goods themselves. */
  priceDifference: orNull(id),
  discountGiven: orNull(id),
  discountTaken: orNull(id),
  returnsGiven: orNull(id),
  /** Goods sent back, in periodic books; null: they lower what was bought. */
  returnsTaken: orNull(id),
  /** What the stock changed by, in periodic books. */
  stockChange: orNull(id),
});

export type AccountAssignment = ValueOf<typeof assignmentShape>;
export type AssignmentPurpose = keyof AccountAssignment;

/** The most parties, items, documents and schedules that a book holds, each. */
const MOST = 10_000;
const MOST_WAITING = 500;
const MOST_TAXES = 100;

export const SUBLEDGERS = {
  /** Perpetual: each dispatch takes its cost of sale; periodic: the stock is counted. */
  inventory: usually(oneOf(INVENTORY_SYSTEMS), 'perpetual'),
  posting: assignmentShape,
  taxes: listIfAny(taxRuleShape, MOST_TAXES, 'taxes of documents'),
  parties: listIfAny(partyShape, MOST, 'parties'),
  items: listIfAny(itemShape, MOST, 'items'),
  documents: listIfAny(documentShape, MOST, 'documents'),
  /** When the books begin: goods whose invoice is to come, and the other way round. */
  openGoods: listIfAny(openGoodsShape, MOST, 'goods that wait for their invoice'),
  schedules: listIfAny(scheduleShape, MOST, 'schedules'),
  /** Entries that wait to be posted together: none of them is in the books yet. */
  waiting: listIfAny(entryShape, MOST_WAITING, 'entries that wait'),
  templates: listIfAny(templateShape, MOST_WAITING, 'templates'),
} as const;

/** With whom a company deals, in what, what happened, and the tables that make entries. */
export type Subledgers = {
  readonly [P in keyof typeof SUBLEDGERS]: ValueOf<(typeof SUBLEDGERS)[P]>;
};
