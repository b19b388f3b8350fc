import { minorDigits, sum } from '../money/amount.js';
import { formatDecimal } from '../money/format-amount.js';
import { numberKey } from '../shapes/account-number.js';
import { refusal, type Refusal } from '../refusal/refusal.js';
import { typeOf } from '../scheme/scheme.js';
import { accountLabel, accountOf, type Account, type Book, type Entry } from './book.js';
import { ancestorsOf, sectionIdOf } from './place.js';
import { join } from '../shape/explain.js';
import { isVisible } from '../shape/visible.js';
import { MOST_ACCOUNTS, MOST_ENTRIES } from '../shapes/book-file.js';
import { faultsOfTaxLists, TAX_LIST_NAMES, taxItemOf, taxItemUnknown } from './tax-lists.js';

/** How deep accounts may nest, the top level counted. */
const DEEPEST = 5;
const LONGEST_NAME = 120;

export const idTaken = refusal(
  'account.id-taken',
  (f: { id: string }) => `The id “${f.id}” is used twice. Give each its own.`,
);
export const numberTaken = refusal(
  'number.taken',
  (f: { number: string; holder: string }) =>
    `Number ${f.number} belongs to “${f.holder}”. Take a free number, or renumber that account first.`,
);
const nameLength = refusal('account.name-length', (f: { length: number }) =>
  f.length === 0
    ? 'An account needs a name.'
    : `The name has ${f.length} characters; ${LONGEST_NAME} is the most. Shorten it.`,
);
const typeUnknown = refusal(
  'account.type-unknown',
  (f: { type: string }) =>
    `The scheme has no account type “${f.type}”. Choose one of its types, or leave the account not placed.`,
);
export const accountUnknown = refusal(
  'account.unknown',
  (f: { id: string }) => `There is no account “${f.id}” in this book. Add it first.`,
);
const parentCircle = refusal(
  'account.parent-circle',
  (f: { name: string }) =>
    `“${f.name}” would stand under itself. Choose a parent that is not below it.`,
);
const parentSection = refusal(
  'account.parent-section',
  (f: { name: string; parent: string }) =>
    `“${f.name}” and “${f.parent}” stand in different sections. A parent and its children share one: move the account there first.`,
);
const tooDeep = refusal(
  'account.too-deep',
  () => `Accounts nest at most ${DEEPEST} levels. Choose a parent nearer the top.`,
);
export const oneRetained = refusal('account.one-retained', (f: { names: readonly string[] }) =>
  f.names.length === 0
    ? 'The book has no account of the type Retained earnings. A company needs exactly one.'
    : `${f.names.map((n) => `“${n}”`).join(' and ')} are all retained earnings. A book has exactly one: give the others another type.`,
);
const entryUnbalanced = refusal(
  'entry.unbalanced',
  (f: { debit: string; credit: string; difference: string }) =>
    `Debits are ${f.debit}, credits ${f.credit}: ${f.difference} apart. An entry must be in balance.`,
);
const entryTooShort = refusal(
  'entry.too-short',
  () => 'An entry needs at least two lines, each with an account and an amount.',
);
const lineZero = refusal(
  'entry.line-zero',
  () => 'A line needs an amount over zero, in debit or in credit.',
);

const nameInvisible = refusal(
  'account.name-invisible',
  () => 'The name shows nothing. Type one that can be seen.',
);
export const bookTooLarge = refusal(
  'book.too-large',
  () =>
    'The book would be larger than 4 MB of text, more than can be kept. Leave some of it out, or carry on in a new one.',
);
const tooManyAccounts = refusal(
  'book.too-many-accounts',
  () => `A book holds at most ${MOST_ACCOUNTS.toLocaleString('en')} accounts. Leave some out.`,
);
const tooManyEntries = refusal(
  'book.too-many-entries',
  () =>
    `A book holds at most ${MOST_ENTRIES.toLocaleString('en')} entries. Carry on in a new year’s book.`,
);
const budgetsApart = refusal(
  'account.budgets-apart',
  (f: { name: string }) =>
    `The budgets by period of “${f.name}” do not add up to its budget for the year. Change one of them, or leave the periods out.`,
);
const sumTooLarge = refusal(
  'book.sum-too-large',
  () =>
    'The amounts of the book add up to more than can be reckoned exactly. Check the zeros, or work in thousands.',
);

/** What is beyond the limits of any book: too many accounts or entries, amounts whose sums would not be exact. */
export function faultsOfSize({ accounts, opening, entries }: Book, path = ''): Refusal[] {
  const faults: Refusal[] = [];
  if (accounts.length > MOST_ACCOUNTS) faults.push(tooManyAccounts({}, join(path, 'accounts')));
  if (entries.length > MOST_ENTRIES) faults.push(tooManyEntries({}, join(path, 'entries')));
  let moved = 0;
  for (const id in opening.balances) moved += Math.abs(opening.balances[id] ?? 0);
  for (const { lines } of entries) for (const { amount } of lines) moved += Math.abs(amount);
  let budgets = 0;
  for (const { budget } of accounts) if (budget !== null) budgets += Math.abs(budget);
  if (moved > Number.MAX_SAFE_INTEGER || budgets > Number.MAX_SAFE_INTEGER)
    faults.push(sumTooLarge({}, path));
  return faults;
}

/**
 * What is wrong with a book as a whole, each with its path: doubled ids and numbers, circles, parents in
 * another section, unknown accounts and types, entries out of balance. Not looked at: whether it holds
 * exactly one retained-earnings account while it has none (a book read from elsewhere may lack it).
 */
export function faultsOfBook(book: Book, path = ''): Refusal[] {
  return [
    ...faultsOfSize(book, path),
    ...faultsOfTaxLists(book.taxLists, path),
    ...faultsOfAccounts(book, path),
    ...eachAt(book.accounts, path, {
      name: 'accounts',
      judge: (account) => faultsOfAccount(book, account),
    }),
    ...faultsOfOpening(book, path),
    ...eachAt(book.entries, path, {
      name: 'entries',
      judge: (entry) => faultsOfEntry(book, entry),
    }),
    ...faultsOfEntries(book, path),
  ];
}

/** The faults of each of a list, their places led by the list's; most have none, and cost no path. */
export function eachAt<T>(
  list: readonly T[],
  path: string,
  { name, judge }: { readonly name: string; readonly judge: (each: T) => readonly Refusal[] },
): Refusal[] {
  const found: Refusal[] = [];
  list.forEach((each, i) => {
    for (const fault of judge(each)) {
      const at = join(join(path, name), i);
      found.push({ ...fault, at: fault.at === '' ? at : `${at}.${fault.at}` });
    }
  });
  return found;
}

/** What is wrong with the accounts among each other: doubled ids and numbers, retained earnings twice. */
export function faultsOfAccounts(book: Book, path: string): Refusal[] {
  return [...doubled(book, path), ...severalRetained(book, path)];
}

function doubled(book: Book, path: string): Refusal[] {
  const ids = new Set<string>();
  const numbers = new Map<string, Account>();
  return eachAt(book.accounts, path, {
    name: 'accounts',
    judge: (account) => {
      const isTwice = ids.has(account.id);
      ids.add(account.id);
      const key = account.number === null ? null : numberKey(account.number);
      const holder = key === null ? undefined : numbers.get(key);
      if (key !== null && !holder) numbers.set(key, account);
      if (!isTwice && !holder) return NONE;
      const label = holder ? accountLabel(holder) : '';
      return [
        ...(isTwice ? [idTaken({ id: account.id }, 'id')] : []),
        ...(holder ? [numberTaken({ number: account.number ?? '', holder: label }, 'number')] : []),
      ];
    },
  });
}

const NONE: readonly Refusal[] = [];

/** What is wrong with the entries among each other: doubled ids. */
export function faultsOfEntries(book: Book, path: string): Refusal[] {
  const ids = new Set<string>();
  return eachAt(book.entries, path, {
    name: 'entries',
    judge: ({ id }) => {
      const isTwice = ids.has(id);
      ids.add(id);
      return isTwice ? [idTaken({ id }, 'id')] : NONE;
    },
  });
}

/** What is wrong with one account in its book, its number's uniqueness aside. Places are its own fields. */
export function faultsOfAccount(book: Book, account: Account): Refusal[] {
  const faults: Refusal[] = [];
  const { length } = account.name.trim();
  if (length === 0 || length > LONGEST_NAME) faults.push(nameLength({ length }, 'name'));
  else if (!isVisible(account.name)) faults.push(nameInvisible({}, 'name'));
  if (account.type !== null && !typeOf(book.scheme, account.type))
    faults.push(typeUnknown({ type: account.type }, 'type'));
  if (account.taxLine !== null || account.taxCode !== null)
    faults.push(...faultsOfTaxes(book, account));
  if (account.parent !== null) faults.push(...faultsOfParent(book, account, account.parent));
  if (account.budgets.length > 0 && sum(account.budgets) !== account.budget)
    faults.push(budgetsApart({ name: accountLabel(account) }, 'budgets'));
  return faults;
}

function faultsOfTaxes(book: Book, account: Account): Refusal[] {
  const fields = [
    ['lines', 'taxLine'],
    ['codes', 'taxCode'],
  ] as const;
  return fields.flatMap(([list, field]) => {
    const id = account[field];
    if (id === null || taxItemOf(book.taxLists, list, id)) return [];
    return [taxItemUnknown({ kind: TAX_LIST_NAMES[list], id }, field)];
  });
}

function faultsOfParent(book: Book, account: Account, parentId: string): Refusal[] {
  const parent = accountOf(book, parentId);
  if (!parent) return [accountUnknown({ id: parentId }, 'parent')];
  const above = ancestorsOf(book, account, DEEPEST);
  const name = accountLabel(account);
  if (parent.id === account.id || above.some((each) => each.parent === account.id))
    return [parentCircle({ name }, 'parent')];
  if (sectionIdOf(book, parent) !== sectionIdOf(book, account))
    return [parentSection({ name, parent: accountLabel(parent) }, 'parent')];
  return above.length >= DEEPEST ? [tooDeep({}, 'parent')] : [];
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

/** What is wrong with the opening balances: accounts that there are not. */
export function faultsOfOpening(book: Book, path: string): Refusal[] {
  return Object.keys(book.opening.balances)
    .filter((id) => !accountOf(book, id))
    .map((id) => accountUnknown({ id }, join(path, 'opening.balances')));
}

/** What is wrong with an entry in its book: too few lines, an unknown account, out of balance. */
export function faultsOfEntry(book: Book, entry: Entry): Refusal[] {
  const faults: Refusal[] = [];
  if (entry.lines.length < 2) faults.push(entryTooShort({}, 'lines'));
  let debit = 0;
  let credit = 0;
  entry.lines.forEach(({ account, amount }, i) => {
    if (!accountOf(book, account))
      faults.push(accountUnknown({ id: account }, `lines[${i}].account`));
    if (amount === 0) faults.push(lineZero({}, `lines[${i}].amount`));
    if (amount > 0) debit += amount;
    else credit -= amount;
  });
  if (debit !== credit) faults.push(unbalanced(book, debit, credit));
  return faults;
}

function unbalanced(book: Book, debit: number, credit: number): Refusal {
  const digits = minorDigits(book.company.currency);
  const difference = formatDecimal(Math.abs(debit - credit), digits);
  return entryUnbalanced(
    { debit: formatDecimal(debit, digits), credit: formatDecimal(credit, digits), difference },
    'lines',
  );
}
