import type { Account, Book } from '../../model/book/book.js';
import { openingOf } from '../../model/book/book.js';
import { balancesOf } from '../../accounting/ledger/balances.js';
import { type Amount } from '../../model/money/amount.js';
import { typeOf, type AccountType } from '../../model/scheme/scheme.js';
import { saidOn, writingOf } from '../../model/place/writing.js';
import { amountSaid } from '../../model/money/format-amount.js';

/** A word of the trade, explained; the example is taken from the books at hand. */
interface GlossaryEntry {
  readonly word: string;
  /** How it may also stand in a text. */
  readonly also: readonly string[];
  readonly says: string;
  readonly example: string;
}

type Example = (book: Book) => string;
type Row = readonly [word: string, also: string, says: string, example: Example];

const money = (book: Book, amount: Amount): string => amountSaid(amount, writingOf(book.company));

const first = (book: Book, fits: (type: AccountType) => boolean): Account | null =>
  book.accounts.find(({ type, retired }) => {
    const known = typeOf(book.scheme, type);
    return !retired && known !== null && fits(known);
  }) ?? null;

/** An example with the name of an account that fits; nothing where there is none. */
const named =
  (
    fits: (type: AccountType) => boolean,
    tell: (name: string, of: Account, book: Book) => string,
  ): Example =>
  (book) => {
    const found = first(book, fits);
    return found ? tell(`“${found.name}”`, found, book) : '';
  };

const ofType =
  (...ids: string[]) =>
  (type: AccountType) =>
    ids.includes(type.id);
const inSection =
  (...ids: string[]) =>
  (type: AccountType) =>
    ids.includes(type.section);
const none: Example = () => '';

const contraExample: Example = (book) => {
  const all = book.accounts.filter(({ type, retired }) => {
    const known = typeOf(book.scheme, type);
    return !retired && known?.contra === true && known.section.includes('asset');
  });
  const contra = all.find(({ parent }) => parent !== null) ?? all[0] ?? null;
  const over = contra && book.accounts.find(({ id }) => id === contra.parent);
  if (!contra || !over) return contra ? `Here: “${contra.name}”.` : '';
  const stands = balancesOf(book);
  const [cost, lowers] = [stands.get(over.id) ?? 0, stands.get(contra.id) ?? 0];
  if (cost === 0) return `Here “${contra.name}” lowers “${over.name}”.`;
  return `Here “${contra.name}” lowers “${over.name}”: ${money(book, cost)} in debit, ${money(book, lowers)} in credit, ${money(book, cost + lowers)} left.`;
};

const openingExample: Example = (book) => {
  const found = book.accounts.find(({ id }) => openingOf(book, id) !== 0);
  return found ? `Here “${found.name}” begins with ${money(book, openingOf(book, found.id))}.` : '';
};

const entryExample: Example = (book) => {
  const [entry] = book.entries;
  if (!entry) return '';
  const name = (id: string) => book.accounts.find((each) => each.id === id)?.name ?? id;
  const sides = entry.lines.map(
    ({ account, amount }) =>
      `${amount > 0 ? 'debit' : 'credit'} “${name(account)}” ${money(book, amount)}`,
  );
  return `Here, on ${saidOn(book, entry.date)}: ${sides.join(', ')}.`;
};

const ROWS: readonly Row[] = [
  [
    'account',
    'accounts',
    'A place where everything of one kind is gathered: all that was paid for rent, all that one bank owes you.',
    named(ofType('bank'), (name) => `Here: ${name}.`),
  ],
  [
    'chart',
    'chart of accounts',
    'The list of all accounts of a business, each at its place on a statement.',
    (book) =>
      book.accounts.length === 1
        ? 'Here it has one account.'
        : `Here it has ${book.accounts.length} accounts.`,
  ],
  ['ledger', '', 'All accounts with everything that was entered on them.', none],
  [
    'journal',
    '',
    'All entries, one after the other, in the order of their days.',
    ({ entries: { length } }) =>
      length === 0 ? '' : `Here it holds ${length === 1 ? 'one entry' : `${length} entries`}.`,
  ],
  [
    'entry',
    'entries',
    'What happened, told as amounts on at least two accounts; its debits equal its credits.',
    entryExample,
  ],
  [
    'debit',
    'debits',
    'The left side of an account. What the business owns, and what it uses up, grows there.',
    named(inSection('current-assets'), (name) => `Here ${name} grows in debit.`),
  ],
  [
    'credit',
    'credits',
    'The right side of an account. What the business owes, its owners’ share and what it earns grow there.',
    named(inSection('revenue'), (name) => `Here ${name} grows in credit.`),
  ],
  [
    'normal side',
    '',
    'The side on which an account usually stands.',
    named(ofType('trade-payables'), (name) => `Here ${name} normally stands in credit.`),
  ],
  [
    'control',
    'control account',
    'One account that stands for many: what all customers owe together, or all suppliers are owed.',
    named(
      ({ role }) => role.endsWith('-control'),
      (name) => `Here: ${name}.`,
    ),
  ],
  [
    'contra',
    '',
    'An account that lowers another and stands on the other side from it.',
    contraExample,
  ],
  ['suspense', '', 'Where a difference waits until it is explained; it must end at zero.', none],
  [
    'accrual',
    'accruals, accrued',
    'Something used or earned already, for which no invoice has come or gone out yet.',
    named(ofType('accrued-expense', 'accrued-income', 'wages-payable'), (name) => `Here: ${name}.`),
  ],
  [
    'prepayment',
    'prepayments, prepaid',
    'Paid now, used up later: an asset until it is used up.',
    named(ofType('prepayment'), (name) => `Here: ${name}.`),
  ],
  [
    'deferred income',
    'deferred',
    'Money received for something not yet given: a debt until it is given.',
    named(ofType('deferred-income'), (name) => `Here: ${name}.`),
  ],
  [
    'depreciation',
    '',
    'The part of an asset’s cost that is used up in a period.',
    named(ofType('depreciation-charge'), (name) => `Here: ${name}.`),
  ],
  [
    'accumulated depreciation',
    '',
    'All that has been used up of an asset so far; its cost stays whole beside it.',
    contraExample,
  ],
  [
    'asset',
    'assets',
    'What the business owns or is owed.',
    named(inSection('current-assets'), (name) => `Here: ${name}.`),
  ],
  [
    'liability',
    'liabilities',
    'What the business owes.',
    named(inSection('current-liabilities'), (name) => `Here: ${name}.`),
  ],
  [
    'equity',
    '',
    'What would be left for the owners: assets less liabilities.',
    named(inSection('equity'), (name) => `Here: ${name}.`),
  ],
  [
    'revenue',
    '',
    'What customers are charged for what they were given.',
    named(inSection('revenue'), (name) => `Here: ${name}.`),
  ],
  [
    'expense',
    'expenses',
    'What was used up to earn the revenue.',
    named(inSection('operating-expenses'), (name) => `Here: ${name}.`),
  ],
  [
    'cost of sales',
    '',
    'What the things that were sold had cost.',
    named(inSection('cost-of-sales'), (name) => `Here: ${name}.`),
  ],
  ['gross profit', '', 'Revenue less the cost of what was sold.', none],
  [
    'balance sheet',
    '',
    'What is owned and owed at one day.',
    (book) => `Here the books begin with that of ${saidOn(book, book.opening.date)}.`,
  ],
  ['profit and loss', '', 'What was earned and used up in a period.', none],
  [
    'trial balance',
    '',
    'All accounts with their balances at a day, debits and credits in two columns that agree.',
    none,
  ],
  [
    'opening balance',
    'opening balances',
    'What an account stood at when the books begin.',
    openingExample,
  ],
  [
    'current',
    '',
    'Turned into money, used up or due within twelve months.',
    named(ofType('loan-within-year'), (name) => `Here: ${name}.`),
  ],
  [
    'inventory',
    '',
    'Goods held to be sold.',
    named(ofType('inventory'), (name) => `Here: ${name}.`),
  ],
  [
    'drawings',
    '',
    'What an owner takes out for private use.',
    named(ofType('drawings'), (name) => `Here: ${name}.`),
  ],
  [
    'adjustment',
    'adjustments, adjusting entry, adjusting entries',
    'An entry before the statements are drawn up, so that each period bears what belongs to it.',
    none,
  ],
  [
    'retained earnings',
    '',
    'Profits of earlier years that stayed in the business.',
    named(
      ({ role }) => role === 'retained-earnings',
      (name) => `Here: ${name}.`,
    ),
  ],
];

/** The words of the trade, by their alphabet, each with an example from a book where it has one. */
export const glossary = (book: Book): GlossaryEntry[] =>
  ROWS.map(([word, also, says, example]) => ({
    ...{ word, says, example: example(book) },
    also: also === '' ? [] : also.split(', '),
  })).sort((a, b) => a.word.localeCompare(b.word, 'en'));
