import { accountLabel } from '../../model/book/book.js';
import {
  faultsOfTaxLists,
  TAX_LIST_NAMES,
  type TaxItem,
  type TaxLists,
} from '../../model/book/tax-lists.js';
import type { Account, Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { type Change, noNotices } from '../operation/operation.js';

const taxItemInUse = refusal(
  'tax.in-use',
  (f: { kind: string; id: string; names: readonly string[]; more: number }) =>
    `The ${f.kind} “${f.id}” is given to ${f.names.join(', ')}${f.more > 0 ? ` and ${f.more} more` : ''}. Give them another first.`,
);

const taxItemCharged = refusal(
  'tax.charged',
  (f: { id: string }) =>
    `Documents charge the tax code “${f.id}”. Take it off under Documents, Tax, first.`,
);

const NAMED_AT_MOST = 3;

function stillGiven(book: Book, next: TaxLists, list: keyof TaxLists): Refusal[] {
  const kept = new Set(next[list].map((item) => item.id));
  const field = list === 'lines' ? 'taxLine' : 'taxCode';
  return book.taxLists[list]
    .filter((item) => !kept.has(item.id))
    .flatMap((item) => {
      const isCharged =
        list === 'codes' && subledgersOf(book).taxes.some(({ code }) => code === item.id);
      if (isCharged) return [taxItemCharged({ id: item.id }, list)];
      const holders = book.accounts.filter((account: Account) => account[field] === item.id);
      if (holders.length === 0) return [];
      const names = holders.slice(0, NAMED_AT_MOST).map(accountLabel);
      const more = holders.length - names.length;
      return [taxItemInUse({ kind: TAX_LIST_NAMES[list], id: item.id, names, more }, list)];
    });
}

const trimmed = (items: readonly TaxItem[]): TaxItem[] =>
  items.map(({ id, name }) => ({ id: id.trim(), name: name.trim() }));

/** Other lists of tax lines and codes; what is given to accounts can't be taken off them. */
export const changeTaxLists: Change<'change-tax-lists'> = {
  apply(book, { taxLists }) {
    const next = { lines: trimmed(taxLists.lines), codes: trimmed(taxLists.codes) };
    const faults = [
      ...faultsOfTaxLists(next),
      ...stillGiven(book, next, 'lines'),
      ...stillGiven(book, next, 'codes'),
    ];
    if (faults.length > 0) return refused(...faults);
    return done({
      book: { ...book, taxLists: next },
      inverse: { kind: 'change-tax-lists', taxLists: book.taxLists },
      notices: noNotices,
    });
  },
};
