import { minorDigits, sum } from '../money/amount.js';
import { formatDecimal } from '../money/format-amount.js';
import { numberKey } from '../numbering/account-number.js';
import { refusal, type Refusal } from '../refusal/refusal.js';
import { typeOf } from '../scheme/scheme.js';
import { accountLabel, accountOf, type Account, type Book, type Entry } from './book.js';
import { ancestorsOf, sectionIdOf } from './place.js';
import { join } from './json-reader.js';
import { faultsOfTaxLists, TAX_LIST_NAMES, taxItemOf, taxItemUnknown } from './tax-lists.js';

/** How deep accounts may nest, the top level counted. */
export const DEEPEST = 5;
export const LONGEST_NAME = 120;

export const idTaken = refusal(
  'account.id-taken',
  (f: { id: string }) => `The id “${f.id}” is used twice. Give each its own.`,
);
export const numberTaken = refusal(
  'number.taken',
  (f: { number: string; holder: string }) =>
    `Number ${f.number} belongs to “${f.holder}”. Take a free number, or renumber that account first.`,
);
export const nameLength = refusal('account.name-length', (f: { length: number }) =>
  f.length === 0
    ? 'An account needs a name.'
    : `The name has ${f.length} characters; ${LONGEST_NAME} is the most. Shorten it.`,
);
export const typeUnknown = refusal(
  'account.type-unknown',
  (f: { type: string }) =>
    `The scheme has no account type “${f.type}”. Choose one of its types, or leave the account not placed.`,
);
export const accountUnknown = refusal(
  'account.unknown',
  (f: { id: string }) => `There is no account “${f.id}” in this book. Add it first.`,
);
export const parentCircle = refusal(
  'account.parent-circle',
  (f: { name: string }) =>
    `“${f.name}” would stand under itself. Choose a parent that is not below it.`,
);
export const parentSection = refusal(
  'account.parent-section',
  (f: { name: string; parent: string }) =>
    `“${f.name}” and “${f.parent}” stand in different sections. A parent and its children share one: move the account there first.`,
);
export const tooDeep = refusal(
  'account.too-deep',
  () => `Accounts nest at most ${DEEPEST} levels. Choose a parent nearer the top.`,
);
export const oneRetained = refusal('account.one-retained', (f: { names: readonly string[] }) =>
  f.names.length === 0
    ? 'The book has no account of the type Retained earnings. It needs exactly one.'
    : `${f.names.map((n) => `“${n}”`).join(' and ')} are all retained earnings. A book has exactly one: give the others another type.`,
);
export const entryUnbalanced = refusal(
  'entry.unbalanced',
  (f: { debit: string; credit: string; difference: string }) =>
    `Debits are ${f.debit}, credits ${f.credit}: ${f.difference} apart. An entry must be in balance.`,
);
export const entryTooShort = refusal(
  'entry.too-short',
  () => 'An entry needs at least two lines, each with an account and an amount.',
);
export const lineZero = refusal(
  'entry.line-zero',
  () => 'A line needs an amount over zero, in debit or in credit.',
);

/**
 * What is wrong with a book as a whole, each with its path: doubled ids and numbers, circles, parents in
 * another section, unknown accounts and types, entries out of balance. Not looked at: whether it holds
 * exactly one retained-earnings account while it has none (a book read from elsewhere may lack it).
 */
export function faultsOfBook(book: Book, path = ''): Refusal[] {
  return [
    ...faultsOfTaxLists(book.taxLists, path),
    ...doubled(book, path),
    ...book.accounts.flatMap((account, i) =>
      faultsOfAccount(book, account, join(join(path, 'accounts'), i)),
    ),
    ...severalRetained(book, path),
    ...faultsOfOpening(book, path),
    ...book.entries.flatMap((entry, i) =>
      faultsOfEntry(book, entry, join(join(path, 'entries'), i)),
    ),
    ...doubledEntries(book, path),
  ];
}

function doubled(book: Book, path: string): Refusal[] {
  const ids = new Set<string>();
  const numbers = new Map<string, Account>();
  return book.accounts.flatMap((account, i) => {
    const at = join(join(path, 'accounts'), i);
    const faults: Refusal[] = [];
    if (ids.has(account.id)) faults.push(idTaken({ id: account.id }, join(at, 'id')));
    ids.add(account.id);
    if (account.number === null) return faults;
    const holder = numbers.get(numberKey(account.number));
    if (holder)
      faults.push(
        numberTaken({ number: account.number, holder: accountLabel(holder) }, join(at, 'number')),
      );
    else numbers.set(numberKey(account.number), account);
    return faults;
  });
}

function doubledEntries(book: Book, path: string): Refusal[] {
  const ids = new Set<string>();
  return book.entries.flatMap((entry, i) => {
    const twice = ids.has(entry.id);
    ids.add(entry.id);
    return twice ? [idTaken({ id: entry.id }, `${join(path, 'entries')}[${i}].id`)] : [];
  });
}

/** What is wrong with one account in its book, its number's uniqueness aside. */
export function faultsOfAccount(book: Book, account: Account, at = ''): Refusal[] {
  const faults: Refusal[] = [];
  const length = account.name.trim().length;
  if (length === 0 || length > LONGEST_NAME) faults.push(nameLength({ length }, join(at, 'name')));
  if (account.type !== null && !typeOf(book.scheme, account.type))
    faults.push(typeUnknown({ type: account.type }, join(at, 'type')));
  return [
    ...faults,
    ...faultsOfTaxes(book, account, at),
    ...faultsOfParent(book, account, join(at, 'parent')),
  ];
}

function faultsOfTaxes(book: Book, account: Account, at: string): Refusal[] {
  const fields = [
    ['lines', 'taxLine'],
    ['codes', 'taxCode'],
  ] as const;
  return fields.flatMap(([list, field]) => {
    const id = account[field];
    if (id === null || taxItemOf(book.taxLists, list, id)) return [];
    return [taxItemUnknown({ kind: TAX_LIST_NAMES[list], id }, join(at, field))];
  });
}

function faultsOfParent(book: Book, account: Account, at: string): Refusal[] {
  if (account.parent === null) return [];
  const parent = accountOf(book, account.parent);
  if (!parent) return [accountUnknown({ id: account.parent }, at)];
  const above = ancestorsOf(book, account);
  const name = accountLabel(account);
  if (parent.id === account.id || above.some((each) => each.parent === account.id))
    return [parentCircle({ name }, at)];
  if (sectionIdOf(book, parent) !== sectionIdOf(book, account))
    return [parentSection({ name, parent: accountLabel(parent) }, at)];
  return above.length >= DEEPEST ? [tooDeep({}, at)] : [];
}

export function retainedAccounts(book: Book): Account[] {
  return book.accounts.filter(
    (account) => typeOf(book.scheme, account.type)?.role === 'retained-earnings',
  );
}

function severalRetained(book: Book, path: string): Refusal[] {
  const names = retainedAccounts(book).map(accountLabel);
  return names.length > 1 ? [oneRetained({ names }, join(path, 'accounts'))] : [];
}

function faultsOfOpening(book: Book, path: string): Refusal[] {
  return Object.keys(book.opening.balances)
    .filter((id) => !accountOf(book, id))
    .map((id) => accountUnknown({ id }, join(path, 'opening.balances')));
}

/** What is wrong with an entry in its book: too few lines, an unknown account, out of balance. */
export function faultsOfEntry(book: Book, entry: Entry, at = ''): Refusal[] {
  const faults: Refusal[] = [];
  if (entry.lines.length < 2) faults.push(entryTooShort({}, join(at, 'lines')));
  entry.lines.forEach((line, i) => {
    const place = join(join(at, 'lines'), i);
    if (!accountOf(book, line.account))
      faults.push(accountUnknown({ id: line.account }, join(place, 'account')));
    if (line.amount === 0) faults.push(lineZero({}, join(place, 'amount')));
  });
  const debit = sum(entry.lines.map((line) => Math.max(line.amount, 0)));
  const credit = sum(entry.lines.map((line) => Math.max(-line.amount, 0)));
  if (debit !== credit) faults.push(unbalanced(book, debit, credit, join(at, 'lines')));
  return faults;
}

function unbalanced(book: Book, debit: number, credit: number, at: string): Refusal {
  const digits = minorDigits(book.company.currency);
  const difference = formatDecimal(Math.abs(debit - credit), digits);
  return entryUnbalanced(
    { debit: formatDecimal(debit, digits), credit: formatDecimal(credit, digits), difference },
    at,
  );
}
