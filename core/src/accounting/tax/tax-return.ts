import type { Book, Subledgers } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { taxItemOf } from '../../model/book/tax-lists.js';
import { within, type Period } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import type { Document } from '../../model/shapes/document.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import { KIND_FACTS } from '../document/document-kinds.js';
import { taxesOf } from '../document/document-lines.js';
import { inOrder } from '../document/stock.js';
import { balancesOf, upTo } from '../ledger/balances.js';

type TaxSide = 'sales' | 'purchases';

/** What was charged, and the tax on it: minor units, over zero; below it, more was taken back than charged. */
interface Charged {
  readonly net: Amount;
  readonly tax: Amount;
}

interface ChargedBy extends Charged {
  readonly document: Document;
  readonly side: TaxSide;
}

interface TaxReturnRow extends Readonly<Record<TaxSide, Charged>> {
  readonly rule: TaxRule;
  /** What the company calls its code. */
  readonly name: string;
  /** What was charged with it, document by document, in the order of days. */
  readonly documents: readonly ChargedBy[];
}

/** The tax of a period: what is owed on what was sold, and what is to be had back of what was bought. */
export interface TaxReturn {
  readonly rows: readonly TaxReturnRow[];
  readonly sales: Amount;
  readonly purchases: Amount;
  /** What is to be paid; below zero: to be had back. Minor units. */
  readonly owed: Amount;
  /** What the accounts of these taxes moved in the period: owed over zero, minor units. */
  readonly moved: Amount;
}

/** On which side a document's lines stand, and whether they add to it or take back; null: on none. */
function sideOf(
  { kind, party: id }: Document,
  { parties }: Subledgers,
): { readonly side: TaxSide; readonly sign: 1 | -1 } | null {
  const { taxed } = KIND_FACTS[kind];
  if (taxed === 'none') return null;
  const isSupplier = parties.find((party) => party.id === id)?.kind === 'supplier';
  const sign = kind === 'credit-note' ? -1 : 1;
  if (taxed !== 'either') return { side: taxed, sign };
  return { side: isSupplier ? 'purchases' : 'sales', sign };
}

function chargedIn(book: Book, period: Period): ReadonlyMap<string, ChargedBy[]> {
  const subledgers = subledgersOf(book);
  const byCode = new Map<string, ChargedBy[]>(subledgers.taxes.map(({ code }) => [code, []]));
  for (const document of inOrder(subledgers.documents)) {
    const is = sideOf(document, subledgers);
    if (!is || !within(period, document.date)) continue;
    for (const { rule, net, tax } of taxesOf(document, subledgers))
      byCode
        .get(rule.code)
        ?.push({ document, side: is.side, net: is.sign * net || 0, tax: is.sign * tax || 0 });
  }
  return byCode;
}

function onSide(documents: readonly ChargedBy[], wanted: TaxSide): Charged {
  const own = documents.filter(({ side }) => side === wanted);
  return {
    net: own.reduce((sum, { net }) => sum + net, 0),
    tax: own.reduce((sum, { tax }) => sum + tax, 0),
  };
}

/** What the accounts of taxes moved in a period: what is owed more over zero. Openings are no movement. */
function movedIn(book: Book, period: Period): Amount {
  const accounts = new Set(subledgersOf(book).taxes.map(({ account }) => account));
  return book.entries
    .filter(({ date, kind }) => kind !== 'opening' && within(period, date))
    .flatMap(({ lines }) => lines)
    .reduce((sum, { account, amount }) => (accounts.has(account) ? sum - amount : sum), 0);
}

/** The return of a period, code by code, from documents alone; and what the accounts of these taxes moved meanwhile. */
export function taxReturn(book: Book, period: Period): TaxReturn {
  const charged = chargedIn(book, period);
  const rows = subledgersOf(book).taxes.map((rule): TaxReturnRow => {
    const documents = charged.get(rule.code) ?? [];
    return {
      rule,
      name: taxItemOf(book.taxLists, 'codes', rule.code)?.name ?? '',
      sales: onSide(documents, 'sales'),
      purchases: onSide(documents, 'purchases'),
      documents,
    };
  });
  const sales = rows.reduce((sum, row) => sum + row.sales.tax, 0);
  const purchases = rows.reduce((sum, row) => sum + row.purchases.tax, 0);
  return { rows, sales, purchases, owed: sales - purchases, moved: movedIn(book, period) };
}

/** What the accounts of these taxes say is owed at the end of a day: over zero; to be had back below. Minor units. */
export function taxStanding(book: Book, at: string): Amount {
  const balances = balancesOf(book, upTo(at));
  const accounts = new Set(subledgersOf(book).taxes.map(({ account }) => account));
  return [...accounts].reduce((sum, id) => sum - (balances.get(id ?? '') ?? 0), 0) || 0;
}
