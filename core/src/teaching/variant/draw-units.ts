import type { Account, Book, Entry } from '../../model/book/book.js';
import { isMade } from '../../accounting/document/document-entries.js';
import type { Amount } from '../../model/money/amount.js';
import { sectionOfType, statementOfClass, typeOf } from '../../model/scheme/scheme.js';
import { figurePlaces } from './places.js';
import { placeAtOf } from './place-at.js';

/** Amounts that are drawn together, since one is reckoned from the other or settles it. */
export interface DrawUnit {
  /** The same for the same book: of the first of its places. */
  readonly name: string;
  /** What all of its amounts are multiples of, minor units. */
  readonly base: Amount;
}

/** What joins amounts: an account, an entry, or what documents say. */
class Joined {
  private readonly above = new Map<string, string>();

  top(node: string): string {
    let at = node;
    for (let up = this.above.get(at); up !== undefined; up = this.above.get(at)) at = up;
    return at;
  }

  join(one: string, other: string): void {
    const [a, b] = [this.top(one), this.top(other)];
    if (a !== b) this.above.set(b, a);
  }
}

type Standing = 'free' | 'settled' | 'kept' | 'period';

const SETTLED: readonly string[] = ['receivables-control', 'payables-control'];
const TAXES: readonly string[] = ['sales-tax', 'tax-recoverable'];

/** How an account ties what is posted to it: not at all, what settles to what it settles, everything, or equal amounts. */
function standingOf({ scheme }: Book, { type }: Account): Standing {
  const role = typeOf(scheme, type)?.role ?? 'none';
  const section = sectionOfType(scheme, type);
  if (!section || role === 'cash' || TAXES.includes(type ?? '')) return 'free';
  if (SETTLED.includes(role)) return 'settled';
  if (statementOfClass(section.class) === 'profit-and-loss') return 'period';
  return section.class === 'equity' ? 'free' : 'kept';
}

const SUBLEDGERS = 'subledgers';
const ofAccount = (id: string) => `account ${id}`;
const ofEntry = (id: string) => `entry ${id}`;

interface Open {
  readonly node: string;
  readonly amount: Amount;
}

/** Joins what settles an account to what it settles: the same amount, else the first that is as much, else all. */
function joinSettled(joined: Joined, book: Book, account: string): void {
  const opening = book.opening.balances[account] ?? 0;
  const open: Open[] = opening === 0 ? [] : [{ node: ofAccount(account), amount: opening }];
  const side = Math.sign(opening) || Math.sign(amountOn(firstOn(book, account), account));
  for (const entry of entriesOn(book, account)) {
    const amount = amountOn(entry, account);
    if (Math.sign(amount) === side) {
      open.push({ node: ofEntry(entry.id), amount });
      continue;
    }
    const exact = open.find((each) => each.amount === -amount);
    const found = exact ?? open.find((each) => Math.abs(each.amount) >= Math.abs(amount));
    for (const { node } of found ? [found] : open) joined.join(node, ofEntry(entry.id));
  }
}

const amountOn = (entry: Entry | undefined, account: string): Amount =>
  (entry?.lines ?? []).reduce((sum, line) => sum + (line.account === account ? line.amount : 0), 0);

const entriesOn = ({ entries }: Book, account: string): Entry[] =>
  entries
    .filter((entry) => !isMade(entry) && amountOn(entry, account) !== 0)
    .sort((a, b) => (a.date < b.date ? -1 : 1));

const firstOn = (book: Book, account: string): Entry | undefined => entriesOn(book, account)[0];

function joinedIn(book: Book): Joined {
  const joined = new Joined();
  const standing = new Map(book.accounts.map((each) => [each.id, standingOf(book, each)]));
  for (const { id, parent } of book.accounts)
    if (parent !== null && standing.get(id) === 'kept')
      joined.join(ofAccount(parent), ofAccount(id));
  for (const entry of book.entries)
    for (const { account, amount } of entry.lines) {
      const node = isMade(entry) ? SUBLEDGERS : ofEntry(entry.id);
      const how = standing.get(account);
      if (how === 'kept' || (how === 'settled' && isMade(entry)))
        joined.join(ofAccount(account), node);
      else if (how === 'period') joined.join(`${ofAccount(account)} ${amount}`, node);
    }
  for (const [id, how] of standing) if (how === 'settled') joinSettled(joined, book, id);
  return joined;
}

function nodeOf(at: string): string {
  const [kind = '', id = ''] = at.split(':');
  if (kind === 'opening') return ofAccount(id);
  return kind === 'entry' ? ofEntry(id) : SUBLEDGERS;
}

const commonDivisor = (a: Amount, b: Amount): Amount => (b === 0 ? a : commonDivisor(b, a % b));

/** All places of an amount, those of items and parties among them, with what stands there. */
function* amountsIn(book: Book): Generator<readonly [at: string, usual: Amount]> {
  for (const { at, usual } of figurePlaces(book)) yield [at, usual];
  for (const { id, price, cost, openingValue } of book.subledgers?.items ?? []) {
    if (price) yield [placeAtOf.item(id, 'price'), price];
    if (cost) yield [placeAtOf.item(id, 'cost'), cost];
    if (openingValue) yield [placeAtOf.item(id, 'value'), openingValue];
  }
  for (const { id, opening } of book.subledgers?.parties ?? [])
    if (opening !== 0) yield [placeAtOf.party(id), Math.abs(opening)];
}

const known = new WeakMap<Book, (at: string) => DrawUnit | null>();

/** With what each amount of a book is drawn; null for a place that the book does not have. */
export function drawUnits(book: Book): (at: string) => DrawUnit | null {
  const before = known.get(book);
  if (before) return before;
  const joined = joinedIn(book);
  const units = new Map<string, DrawUnit>();
  for (const [at, usual] of amountsIn(book)) {
    const top = joined.top(nodeOf(at));
    const unit = units.get(top) ?? { name: at, base: 0 };
    units.set(top, { ...unit, base: commonDivisor(usual, unit.base) });
  }
  const unitAt = (at: string) => units.get(joined.top(nodeOf(at))) ?? null;
  known.set(book, unitAt);
  return unitAt;
}

/** The units of a book, each once. */
export function unitsOf(book: Book): DrawUnit[] {
  const unitAt = drawUnits(book);
  const found = [...amountsIn(book)].flatMap(([at]) => unitAt(at) ?? []);
  return [...new Map(found.map((unit) => [unit.name, unit])).values()];
}
