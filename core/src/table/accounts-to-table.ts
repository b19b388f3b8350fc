import { accountOf, openingOf, type Book } from '../book/book.js';
import { chartOf, NOT_PLACED } from '../book/place.js';
import { minorDigits, type Amount } from '../money/amount.js';
import { formatDecimal } from '../money/format-amount.js';
import { typeOf } from '../scheme/scheme.js';

export const ACCOUNT_HEADINGS = [
  'Number',
  'Name',
  'Type',
  'Parent',
  'Opening debit',
  'Opening credit',
  'State',
];

/** A book's accounts as a table, in the order of the chart, with headings. */
export function accountsToTable(book: Book): string[][] {
  const digits = minorDigits(book.company.currency);
  const column = (amount: Amount) => (amount > 0 ? formatDecimal(amount, digits) : '');
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
      ];
    });
  return [ACCOUNT_HEADINGS, ...rows];
}

/**
 * The list of accounts to set up, as a hand-out: names in the order of the alphabet, so that it gives no
 * place away, with their opening amounts on the side where they stand.
 */
export function listToSetUp(book: Book): string[][] {
  const digits = minorDigits(book.company.currency);
  const order = new Intl.Collator('en');
  const rows = book.accounts
    .filter((account) => !account.retired)
    .map((account) => {
      const opening = openingOf(book, account.id);
      return [account.name, opening === 0 ? '' : formatDecimal(Math.abs(opening), digits)];
    });
  rows.sort((a, b) => order.compare(a[0] ?? '', b[0] ?? ''));
  return [['Name', 'Opening balance'], ...rows];
}
