import { DOCUMENT_KINDS, type DocumentKind } from '../../model/shapes/document.js';
import { KIND_FACTS } from '../../accounting/document/index.js';
import { decimalMarkOf } from '../table/decimal-mark.js';
import { plainHeading } from '../table/headings.js';
import { headedRows, type HeadedRow } from './headed-rows.js';

/** What can stand in a row of a list of documents, and what heads it. */
const HEADS = {
  date: 'date|day|document date|when',
  kind: 'kind|kind of document|document|document kind|type of document',
  reference: 'reference|ref|number|no|document no|document number|invoice no|invoice number',
  party: 'party|customer|supplier|customer or supplier|name|with whom|who',
  text: 'text|what happened|description|details|memo',
  of: 'item|account|item or account|of|what|article|goods|account name',
  quantity: 'quantity|qty|how many|pieces|number of pieces|units',
  price: 'price|unit price|price each|price of one|rate',
  amount: 'amount|value|sum|total|net',
  taxCode: 'tax code|tax|vat code|vat|gst|gst code',
  money: 'money account|paid from|paid into|bank account|money',
  discount: 'discount|discount taken|discount given',
  settles: 'settles|pays|of invoice|invoice paid|for',
} as const;

type Kind = keyof typeof HEADS;

/** A row of a list of documents as it is written. */
export type DocumentRow = HeadedRow<Kind>;

/** What else a kind is called, besides its own name. */
const CALLED: Readonly<Record<DocumentKind, string>> = {
  ordered: 'purchase order|sales order',
  'goods-in': 'goods received|goods received note|receipt of goods',
  'supplier-invoice': 'supplier invoice|purchase invoice|invoice from supplier|bill',
  'supplier-payment': 'supplier payment|payment to supplier',
  'goods-out': 'dispatch|delivery|delivery note|goods dispatched',
  'customer-invoice': 'customer invoice|sales invoice|invoice',
  'customer-payment': 'customer payment|payment from customer|receipt from customer',
  'credit-note': 'credit',
  'money-in': 'receipt|cash receipt|money received',
  'money-out': 'payment|cash payment|money paid',
  transfer: 'bank transfer|own transfer',
  'stock-count': 'count|stocktake|stock take',
};

/** The kind of document that is meant by a word; null: none is called so. */
export function documentKindCalled(said: string): DocumentKind | null {
  const plain = plainHeading(said);
  const isIt = (kind: DocumentKind): boolean =>
    plainHeading(KIND_FACTS[kind].name) === plain || CALLED[kind].split('|').includes(plain);
  return DOCUMENT_KINDS.find(isIt) ?? null;
}

const isOfDocuments = (at: Partial<Record<Kind, number>>): boolean =>
  at.date !== undefined &&
  at.kind !== undefined &&
  (at.of !== undefined || at.amount !== undefined || at.quantity !== undefined);

/** The rows of a list of documents, and how its figures are written. Null: it is none. */
export function documentRows(cells: readonly (readonly string[])[]): {
  readonly rows: readonly DocumentRow[];
  readonly decimal: '.' | ',' | null;
} | null {
  const rows = headedRows<Kind>(cells, { heads: HEADS, bare: {}, isTable: isOfDocuments });
  if (!rows) return null;
  const figures = rows.flatMap(({ price, amount, discount }) => [price, amount, discount]);
  return { rows, decimal: decimalMarkOf(figures.filter(Boolean)) };
}
