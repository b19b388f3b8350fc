import { minorDigits, type Amount } from '../money/amount.js';
import { formatDecimal } from '../money/format-amount.js';
import { shippedPlan } from '../numbering/shipped-plans.js';
import { isShipped, writtenIn } from '../scheme/index.js';
import { openingOf, type Account, type Book, type Entry } from './book.js';
import { BOOK_FORMAT } from './read-book.js';

/**
 * A book as the text of a `*.book.json` file in canonical form: keys in a fixed order, defaults left out,
 * opening balances in the order of the accounts, two spaces of indent, a line feed at the end. Reading it
 * and writing again gives the same bytes.
 */
export const writeBook = (book: Book): string => `${JSON.stringify(bookToJson(book), null, 2)}\n`;

/** The canonical document of a book, before it becomes text. */
export function bookToJson(book: Book): object {
  const digits = minorDigits(book.company.currency);
  return {
    format: BOOK_FORMAT,
    version: 1,
    company: companyToJson(book),
    scheme: isShipped(book.scheme) ? book.scheme.id : writtenIn(book.scheme, 'international'),
    ...(book.numberPlan ? { numberPlan: planToJson(book.numberPlan) } : {}),
    ...(book.taxLists.lines.length > 0 ? { taxLines: book.taxLists.lines } : {}),
    ...(book.taxLists.codes.length > 0 ? { taxCodes: book.taxLists.codes } : {}),
    accounts: book.accounts.map((account) => accountToJson(account, digits)),
    opening: {
      date: book.opening.date,
      balances: book.accounts.flatMap((account) => {
        const amount = openingOf(book, account.id);
        return amount !== 0 ? [{ account: account.id, ...sides(amount, digits) }] : [];
      }),
    },
    entries: book.entries.map((entry) => entryToJson(entry, digits)),
  };
}

function companyToJson({ company }: Book): object {
  const { name, trade, legalForm, currency, firstDay, periods, words } = company;
  const fixed = { name, trade, legalForm, currency, firstDay, periods };
  return words === undefined || words === 'international' ? fixed : { ...fixed, words };
}

function planToJson(plan: NonNullable<Book['numberPlan']>): unknown {
  return shippedPlan(plan.id) === plan ? plan.id : plan;
}

function accountToJson(account: Account, digits: number): object {
  const { id, number, name, type, parent, retired, description, cashFlow } = account;
  const { taxLine, taxCode, budget, statedSide } = account;
  return {
    id,
    ...(number === null ? {} : { number }),
    name,
    ...(type === null ? {} : { type }),
    ...(parent === null ? {} : { parent }),
    ...(retired ? { retired } : {}),
    ...(description === null ? {} : { description }),
    ...(cashFlow === null ? {} : { cashFlow }),
    ...(taxLine === null ? {} : { taxLine }),
    ...(taxCode === null ? {} : { taxCode }),
    ...(budget === null ? {} : { budget: formatDecimal(budget, digits) }),
    ...(statedSide === null ? {} : { statedSide }),
  };
}

const sides = (amount: Amount, digits: number) =>
  amount > 0
    ? { debit: formatDecimal(amount, digits) }
    : { credit: formatDecimal(-amount, digits) };

function entryToJson(entry: Entry, digits: number): object {
  const { id, date, kind, reference, text } = entry;
  return {
    id,
    date,
    kind,
    ...(reference === '' ? {} : { reference }),
    ...(text === '' ? {} : { text }),
    lines: entry.lines.map((line) => ({ account: line.account, ...sides(line.amount, digits) })),
  };
}
