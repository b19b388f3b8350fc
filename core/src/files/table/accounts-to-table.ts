import { accountOf, openingOf, type Account, type Book } from '../../model/book/book.js';
import { chartOf, NOT_PLACED } from '../../model/book/place.js';
import { type Amount } from '../../model/money/amount.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { type Writing, writingOf } from '../../model/place/writing.js';
import { amountWritten } from '../../model/money/format-amount.js';

const ACCOUNT_HEADINGS = [
  'Number',
  'Name',
  'Type',
  'Parent',
  'Opening debit',
  'Opening credit',
  'State',
];

/** Columns that a table has only where an account has something to say in them. */
const particularsOf = (
  writing: Writing,
): readonly (readonly [string, (account: Account) => string])[] => [
  ['Note', ({ description }) => description ?? ''],
  ['Tax line', ({ taxLine }) => taxLine ?? ''],
  ['Tax code', ({ taxCode }) => taxCode ?? ''],
  ['Budget', ({ budget }) => (budget === null ? '' : amountWritten(budget, writing))],
];

/** A book's accounts as a table, in the order of the chart, with headings. */
export function accountsToTable(book: Book): string[][] {
  const writing = writingOf(book.company);
  const column = (amount: Amount) => (amount > 0 ? amountWritten(amount, writing) : '');
  const more = particularsOf(writing).filter(([, says]) => book.accounts.some(says));
  const chart = chartOf(book);
  const order = [...book.scheme.sections.map((section) => section.id), NOT_PLACED];
  const rows = order
    .flatMap((section) => chart.get(section) ?? [])
    .map(({ account }) => {
      const opening = openingOf(book, account.id);
      return [
        account.number ?? '',
        account.name,
        typeOf(book.scheme, account.type)?.name ?? '',
        accountOf(book, account.parent)?.name ?? '',
        column(opening),
        column(-opening),
        account.retired ? 'retired' : 'in use',
        ...more.map(([, says]) => says(account)),
      ];
    });
  return [[...ACCOUNT_HEADINGS, ...more.map(([heading]) => heading)], ...rows];
}
