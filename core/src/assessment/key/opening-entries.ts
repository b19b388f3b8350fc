import { accountOf, type Book, type Entry } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { sectionOfType, statementOfClass } from '../../model/scheme/scheme.js';

/** What a key opens with, and what it records: by this the entries of a work are told that only open its books. */
export interface OpeningSaid {
  /** The day at whose end the key's balances stood. */
  readonly date: string;
  /** Until this day an entry may say how accounts stood. */
  readonly until: string;
  /** How often each amount stands among the key's opening balances, debit positive. */
  readonly amounts: ReadonlyMap<Amount, number>;
  /** What the key's opening entries move, and what its others do, told without their accounts. */
  readonly opened: ReadonlySet<string>;
  readonly recorded: ReadonlySet<string>;
}

const moved = ({ lines }: Entry): string =>
  lines
    .map(({ amount }) => amount)
    .sort((a, b) => a - b)
    .join(' ');

const opensKey = (book: Book, entry: Entry): boolean =>
  entry.kind === 'opening' || entry.date <= book.opening.date;

const known = new WeakMap<Book, OpeningSaid>();

export function openingSaid(key: Book): OpeningSaid {
  const found = known.get(key) ?? tell(key);
  known.set(key, found);
  return found;
}

function tell(key: Book): OpeningSaid {
  const { date, balances } = key.opening;
  const amounts = new Map<Amount, number>();
  const count = (amount: Amount) => amounts.set(amount, (amounts.get(amount) ?? 0) + 1);
  for (const amount of Object.values(balances)) count(amount);
  for (const entry of key.entries)
    if (opensKey(key, entry)) for (const line of entry.lines) count(line.amount);
  const openings = key.entries.filter((entry) => opensKey(key, entry));
  const others = key.entries.filter((entry) => !opensKey(key, entry));
  const own = key.entries.filter(({ kind }) => kind === 'opening').map((entry) => entry.date);
  return {
    date,
    until: [date, key.company.firstDay, ...own].sort().at(-1) ?? date,
    amounts,
    opened: new Set(openings.map(moved)),
    recorded: new Set(others.map(moved)),
  };
}

/** Whether at least half of an entry's lines are amounts that the key opens with, and nothing else moves the same. */
function saysHowItStood(
  entry: Entry,
  { amounts, opened, recorded, date }: OpeningSaid,
  work: Book,
): boolean {
  if (entry.date <= date && opened.has(moved(entry))) return true;
  if (entry.kind === 'closing') return false;
  const used = new Map<Amount, number>();
  let fitting = 0;
  for (const { account, amount } of entry.lines) {
    const before = used.get(amount) ?? 0;
    if (before >= (amounts.get(amount) ?? 0) || isOfPeriod(work, account)) continue;
    used.set(amount, before + 1);
    fitting++;
  }
  return fitting * 2 >= entry.lines.length && !recorded.has(moved(entry));
}

/** A test for entries that only say how accounts stood at the beginning. */
export type Opens = (entry: Entry) => boolean;

/** In the key: those of the kind opening, and those dated on or before the day of its opening balances. */
export const opensIn =
  (key: Book): Opens =>
  (entry) =>
    opensKey(key, entry);

/** Whether an account of a work says nothing of how it stood: income and expenses do not open. */
function isOfPeriod(work: Book, account: string): boolean {
  const section = sectionOfType(work.scheme, accountOf(work, account)?.type ?? null);
  return section !== null && statementOfClass(section.class) === 'profit-and-loss';
}

/**
 * In a work: those of the kind opening, and those up to the first day that say what the key opens with, whatever their
 * kind. Opening by table or by entry is then one and the same; another entry on such a day is one with a wrong date. What
 * turns an accrual back on the first day opens nothing.
 */
export const opensBeside =
  (said: OpeningSaid, work: Book): Opens =>
  (entry) =>
    entry.date <= said.until && (entry.kind === 'opening' || saysHowItStood(entry, said, work));
