import { compareNumbers, numberKey } from '../shapes/account-number.js';
import { sectionOfType, typeOf } from '../scheme/scheme.js';
import { accountOf, type Account, type Book } from './book.js';

/** The id of the line that gathers accounts without a place. */
export const NOT_PLACED = 'not-placed';

/** The section of an account; null while it is not placed (no type, or one that the scheme lacks). */
export const sectionOfAccount = (book: Book, account: Account) =>
  sectionOfType(book.scheme, account.type);

/** The id of an account's section, or NOT_PLACED. */
export const sectionIdOf = (book: Book, account: Account): string =>
  typeOf(book.scheme, account.type)?.section ?? NOT_PLACED;

/** An account with its depth under its parents: what a chart shows on one row. */
export interface ChartRow {
  readonly account: Account;
  readonly depth: number;
}

/** Numbered accounts by number, then the others in the order in which they were put there. */
function inOrder(accounts: readonly Account[]): Account[] {
  const numbered: { account: Account; key: string }[] = [];
  const others: Account[] = [];
  for (const account of accounts)
    if (account.number === null) others.push(account);
    else numbered.push({ account, key: numberKey(account.number) });
  const sameLength = numbered.every(({ key }) => key.length === numbered[0]?.key.length);
  numbered.sort(
    sameLength
      ? (a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0)
      : (a, b) => compareNumbers(a.key, b.key),
  );
  return [...numbered.map(({ account }) => account), ...others];
}

const chartRows = new WeakMap<Book, ReadonlyMap<string, readonly ChartRow[]>>();

/** The rows of each section (and of NOT_PLACED) in the order shown: children behind their parent. */
export function chartOf(book: Book): ReadonlyMap<string, readonly ChartRow[]> {
  let chart = chartRows.get(book);
  if (!chart) {
    chart = makeChart(book);
    chartRows.set(book, chart);
  }
  return chart;
}

function makeChart(book: Book): Map<string, ChartRow[]> {
  const bySection = new Map<string, Account[]>();
  for (const account of book.accounts) push(bySection, sectionIdOf(book, account), account);
  const chart = new Map<string, ChartRow[]>();
  for (const [section, accounts] of bySection) chart.set(section, nested(accounts));
  return chart;
}

function nested(accounts: readonly Account[]): ChartRow[] {
  const here = new Set(accounts.map((account) => account.id));
  const children = new Map<string, Account[]>();
  const tops: Account[] = [];
  for (const account of accounts)
    if (account.parent !== null && here.has(account.parent))
      push(children, account.parent, account);
    else tops.push(account);
  const rows: ChartRow[] = [];
  const visit = (list: readonly Account[], depth: number): void => {
    for (const account of inOrder(list)) {
      rows.push({ account, depth });
      visit(children.get(account.id) ?? [], depth + 1);
    }
  };
  visit(tops, 0);
  return rows;
}

function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}

/** The rows that are seen while some parents are folded: what stands under those is not. */
export function unfolded(rows: readonly ChartRow[], folded: ReadonlySet<string>): ChartRow[] {
  const seen: ChartRow[] = [];
  let hiddenBelow = Infinity;
  for (const row of rows) {
    if (row.depth > hiddenBelow) continue;
    hiddenBelow = folded.has(row.account.id) ? row.depth : Infinity;
    seen.push(row);
  }
  return seen;
}

const ranks = new WeakMap<Book, ReadonlyMap<string, number>>();

/** Each account's position in the order shown: what has no place first, then the scheme's sections. */
export function rankInChart(book: Book): ReadonlyMap<string, number> {
  let rank = ranks.get(book);
  if (!rank) {
    const chart = chartOf(book);
    const order = [NOT_PLACED, ...book.scheme.sections.map((section) => section.id)];
    const ids = order.flatMap((id) => (chart.get(id) ?? []).map((row) => row.account.id));
    rank = new Map(ids.map((id, i) => [id, i]));
    ranks.set(book, rank);
  }
  return rank;
}

export const childrenOf = (book: Book, id: string): Account[] =>
  inOrder(book.accounts.filter((account) => account.parent === id));

/**
 * The account's parents, nearest first, at most so many. Ends at a circle, should a file hold one.
 */
export function ancestorsOf(book: Book, account: Account, most = Infinity): Account[] {
  const found = new Set<Account>();
  let at = accountOf(book, account.parent);
  while (at && !found.has(at) && at !== account && found.size < most) {
    found.add(at);
    at = accountOf(book, at.parent);
  }
  return [...found];
}

const numbersTaken = new WeakMap<readonly Account[], ReadonlySet<string>>();

/** Every number in use, as keys for comparing; leave one account out to ask on its behalf. */
export function takenNumbers(book: Book, except: string | null = null): ReadonlySet<string> {
  const known = except === null ? numbersTaken.get(book.accounts) : undefined;
  if (known) return known;
  const taken = new Set<string>();
  for (const account of book.accounts)
    if (account.number !== null && account.id !== except) taken.add(numberKey(account.number));
  if (except === null) numbersTaken.set(book.accounts, taken);
  return taken;
}
