import { minorDigits } from '../../model/money/amount.js';
import { shippedPlan } from '../../model/numbering/shipped-plans.js';
import { isShipped, writtenIn } from '../../model/scheme/index.js';
import { accountsShape, BOOK_FORMAT, entriesShape } from '../../model/shapes/book-file.js';
import { companyShape } from '../../model/shapes/company.js';
import { lineShape } from '../../model/shapes/entry.js';
import { numberPlanShape, type NumberPlan } from '../../model/shapes/number-plan.js';
import { writtenScheme } from '../../model/shapes/scheme.js';
import { taxListShape, type TaxItem } from '../../model/shapes/tax-list.js';
import { openingOf, type Book } from '../../model/book/book.js';
import { subledgersToJson } from '../../model/book/subledgers.js';

/**
 * A book as the text of a `*.book.json` file in canonical form: keys in a fixed order, defaults left out,
 * opening balances in the order of the accounts, two spaces of indent, a line feed at the end. Reading it
 * and writing again gives the same bytes.
 */
export const writeBook = (book: Book): string => `${JSON.stringify(bookToJson(book), null, 2)}\n`;

/** The same without indents: how a book is kept and sent. */
export const compactBook = (book: Book): string => JSON.stringify(bookToJson(book));

/** The canonical document of a book, before it becomes text. */
export function bookToJson(book: Book): object {
  const digits = minorDigits(book.company.currency);
  return {
    format: BOOK_FORMAT,
    version: 1,
    company: companyShape.write(book.company, digits),
    scheme: isShipped(book.scheme)
      ? book.scheme.id
      : writtenScheme.write(writtenIn(book.scheme, 'international'), digits),
    ...(book.numberPlan ? { numberPlan: planToJson(book.numberPlan) } : {}),
    ...listToJson('taxLines', book.taxLists.lines),
    ...listToJson('taxCodes', book.taxLists.codes),
    accounts: accountsShape.write(book.accounts, digits),
    opening: {
      date: book.opening.date,
      balances: book.accounts.flatMap(({ id }) => {
        const amount = openingOf(book, id);
        return amount === 0 ? [] : [lineShape.write({ account: id, amount }, digits)];
      }),
    },
    entries: entriesShape.write(book.entries, digits),
    ...(book.locked === undefined ? {} : { locked: book.locked }),
    ...subledgersToJson(book, digits),
  };
}

const planToJson = (plan: NumberPlan): unknown =>
  shippedPlan(plan.id) === plan ? plan.id : numberPlanShape.write(plan, 0);

const listToJson = (name: string, items: readonly TaxItem[]): object =>
  items.length === 0 ? {} : { [name]: taxListShape.write(items, 0) };
