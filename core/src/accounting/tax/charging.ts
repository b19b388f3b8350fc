import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { taxItemOf } from '../../model/book/tax-lists.js';
import type { Operation } from '../../model/shapes/operation.js';
import type { TaxItem } from '../../model/shapes/tax-list.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';

/** One in the place of another; last where that is none. */
const placed = <T>(list: readonly T[], one: T, isOther: (each: T) => boolean): readonly T[] =>
  list.some(isOther) ? list.map((each) => (isOther(each) ? one : each)) : [...list, one];

/** What lets documents charge a tax: its code stands among the company’s from then on, under the name given. */
export function chargingTax(book: Book, rule: TaxRule, name: string): Operation {
  const { taxes } = subledgersOf(book);
  const charge: Operation = {
    kind: 'change-taxes',
    taxes: placed(taxes, rule, ({ code }) => code === rule.code),
  };
  if (taxItemOf(book.taxLists, 'codes', rule.code)?.name === name) return charge;
  const item: TaxItem = { id: rule.code, name };
  const codes = placed(book.taxLists.codes, item, ({ id }) => id === rule.code);
  const taxLists = { ...book.taxLists, codes };
  return { kind: 'several', operations: [{ kind: 'change-tax-lists', taxLists }, charge] };
}

/** What lets documents charge a tax no longer; its code stays among the company’s. */
export const notChargingTax = (book: Book, code: string): Operation => ({
  kind: 'change-taxes',
  taxes: subledgersOf(book).taxes.filter((each) => each.code !== code),
});
