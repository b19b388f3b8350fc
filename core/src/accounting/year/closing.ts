import { accountLabel, type Account, type Book, type Entry } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { ownerAmong } from '../../model/book/owners.js';
import { keepsProfits } from '../../model/book/new-book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { shareOut } from '../../model/money/share.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { statementOfClass, typeOf } from '../../model/scheme/scheme.js';

const nothingToClose = refusal(
  'year.nothing-to-close',
  () => 'Income, expenses and what was taken out all stand at zero: this year is closed.',
);
const noHome = refusal('year.no-home', (f: { what: string }) => f.what);

const noShares = refusal(
  'year.no-shares',
  () => 'Say in which parts the profit is shared: now nobody has any.',
);

const NO_RETAINED =
  'There is no account of the type Retained earnings that the profit could be closed into. Set one up, then close the year.';
const NO_CAPITAL =
  'There is no capital account that the profit could be closed into. Set one up under equity, then close the year.';

/** How the profit is shared: a weight for each account that takes some of it. */
type Shares = Readonly<Record<string, number>>;

const isInUse = (account: Account): boolean => !account.retired;

/**
 * The accounts that a year's profit can be closed into: retained earnings of a company or club; of an owner or
 * partners their current accounts, where there are any, else their capital.
 */
export function takersOfProfit(book: Book): Account[] {
  const ofType = (id: string) => book.accounts.filter((each) => isInUse(each) && each.type === id);
  if (keepsProfits(book.company.legalForm))
    return book.accounts.filter(
      (each) => isInUse(each) && typeOf(book.scheme, each.type)?.role === 'retained-earnings',
    );
  const current = ofType('partner-current');
  return current.length > 0 ? current : ofType('owner-capital');
}

/**
 * The closing entries of a year, to be looked at and recorded: income and expenses into what takes the profit (by
 * shares, equal ones where none are given; the last takes the remainder), then drawings and dividends into what
 * they close into. Balances that were closed before are closed no second time. Refused where nothing is left to
 * close, or nothing can take it.
 */
export function closingEntries(book: Book, year: Period, shares: Shares = {}): Result<Entry[]> {
  const balances = balancesOf(book, upTo(year.to));
  const takers = takersOfProfit(book);
  const of = (isWanted: (account: Account) => boolean) =>
    book.accounts.flatMap((account): Line[] => {
      const amount = balances.get(account.id) ?? 0;
      return amount !== 0 && isWanted(account) ? [{ account: account.id, amount }] : [];
    });
  const results = of((account) => isOfResult(book, account));
  const taken = of((account) => closesAway(book, account));
  if (results.length + taken.length === 0) return refused(nothingToClose({}));
  if (takers.length === 0)
    return refused(
      noHome({ what: keepsProfits(book.company.legalForm) ? NO_RETAINED : NO_CAPITAL }),
    );
  if (takers.every(({ id }) => shares[id] === 0)) return refused(noShares({}));
  const entries = [
    entryOf(book, year, { text: PROFIT, lines: closedInto(results, takers, shares) }),
    entryOf(book, year, { text: TAKEN, lines: takenFrom(book, taken, takers) }),
  ];
  return done(entries.filter(({ lines }) => lines.length > 0));
}

interface Line {
  readonly account: string;
  readonly amount: Amount;
}

interface Closed {
  readonly text: string;
  readonly lines: readonly Line[];
}

const PROFIT = 'Profit closed';
const TAKEN = 'What was taken out closed';

function isOfResult(book: Book, account: Account): boolean {
  const section = sectionOfAccount(book, account);
  const isSummary = typeOf(book.scheme, account.type)?.role === 'income-summary';
  return isSummary || (section !== null && statementOfClass(section.class) === 'profit-and-loss');
}

function closesAway(book: Book, account: Account): boolean {
  const type = typeOf(book.scheme, account.type);
  return (
    type !== null &&
    type.closesInto !== 'nothing' &&
    sectionOfAccount(book, account)?.class === 'equity'
  );
}

const turned = (lines: readonly Line[]): Line[] =>
  lines.map(({ account, amount }) => ({ account, amount: -amount }));

function closedInto(lines: readonly Line[], takers: readonly Account[], shares: Shares): Line[] {
  const total = sum(lines.map(({ amount }) => amount));
  const isShared = takers.some(({ id }) => shares[id] !== undefined);
  const weights = takers.map(({ id }) => (isShared ? (shares[id] ?? 0) : 1));
  const parts = shareOut(total, weights);
  return [...turned(lines), ...takers.map(({ id }, i) => ({ account: id, amount: parts[i] ?? 0 }))];
}

/** Each into its owner's account; what is nobody's in particular into the first. */
function takenFrom(book: Book, lines: readonly Line[], takers: readonly Account[]): Line[] {
  const ids = takers.map(({ id }) => id);
  return lines.flatMap((line) => [
    ...turned([line]),
    { account: ownerAmong(book, ids, line.account) ?? ids[0] ?? '', amount: line.amount },
  ]);
}

/** Lines on one account together; what is nothing is left out. */
function entryOf(book: Book, { to }: Period, { text, lines }: Closed): Entry {
  const sums = new Map<string, Amount>();
  for (const { account, amount } of lines) sums.set(account, (sums.get(account) ?? 0) + amount);
  const taken = new Set(book.entries.map(({ id }) => id));
  let id = `closing-${to}-${text === PROFIT ? 'profit' : 'taken'}`;
  while (taken.has(id)) id += '-again';
  return {
    id,
    date: to,
    kind: 'closing',
    reference: '',
    text,
    lines: [...sums]
      .filter(([, amount]) => amount !== 0)
      .map(([account, amount]) => ({ account, amount })),
  };
}

/** The accounts of profit and loss, and those that close away, that still hold something at a date. */
function leftToClose(book: Book, at: string): Account[] {
  const balances = balancesOf(book, upTo(at));
  return book.accounts.filter(
    (account) =>
      (balances.get(account.id) ?? 0) !== 0 &&
      (isOfResult(book, account) || closesAway(book, account)),
  );
}

const notClosedYet = refusal(
  'year.not-closed',
  (f: { accounts: readonly string[] }) =>
    `The year is not closed: ${f.accounts.slice(0, 3).join(', ')}${f.accounts.length > 3 ? ` and ${f.accounts.length - 3} more` : ''} still hold something. Close it first.`,
);

/** Why a year can't be carried forward yet; nothing when it can. */
export const openAt = (book: Book, at: string): Result<null> => {
  const left = leftToClose(book, at);
  return left.length === 0
    ? done(null)
    : refused(notClosedYet({ accounts: left.map(accountLabel) }));
};
