import type { Book, Entry } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { opensIn, type Opens } from './opening-entries.js';
import type { Recognition } from './recognise.js';

/** An entry seen through the pairs of accounts: sums by unit, so that key and work can be compared. */
export interface EntryView {
  readonly entry: Entry;
  /** Its day as a number, so that days apart can be counted. */
  readonly day: number;
  /** Debit-positive sums by unit; no zeros. */
  readonly sums: ReadonlyMap<number, Amount>;
  /** The same for entries that say the same of the books. */
  readonly signature: string;
}

/**
 * A number for each account of both books: paired accounts share one. Those of the key are not below
 * zero; those of the work without a partner are below zero.
 */
export interface PairIndexes {
  readonly ofKey: ReadonlyMap<string, number>;
  readonly ofWork: ReadonlyMap<string, number>;
}

export function pairIndexesOf(key: Book, work: Book, recognition: Recognition): PairIndexes {
  const position = new Map(key.accounts.map((account, i) => [account.id, i]));
  const first = (id: string) => recognition.byKey.get(id)?.keys[0]?.id ?? id;
  const ofKey = new Map(
    key.accounts.map((account) => [account.id, position.get(first(account.id)) ?? 0]),
  );
  const ofWork = new Map(
    work.accounts.map((account, i) => {
      const partner = recognition.byWork.get(account.id)?.keys[0];
      return [account.id, partner ? (position.get(partner.id) ?? 0) : -1 - i];
    }),
  );
  return { ofKey, ofWork };
}

const DAY = 86_400_000;

/** Stands for whatever account a book doesn't have: no pair. */
const UNKNOWN = -1;

/** Most entries have two lines on two accounts: their sums are told apart only when somebody asks. */
class View implements EntryView {
  readonly signature: string;
  private made: ReadonlyMap<number, Amount> | null = null;
  private dayMade: number | null = null;

  constructor(
    readonly entry: Entry,
    private readonly pairIndexes: ReadonlyMap<string, number>,
  ) {
    this.signature = plainSignature(entry, pairIndexes) ?? signatureOf(this.sums);
  }

  get day(): number {
    return (this.dayMade ??= Date.parse(this.entry.date) / DAY);
  }

  get sums(): ReadonlyMap<number, Amount> {
    return (this.made ??= sumsOf(this.entry, this.pairIndexes));
  }
}

function plainSignature({ lines }: Entry, pairIndexes: ReadonlyMap<string, number>): string | null {
  const [one, other] = lines;
  if (lines.length !== 2 || !one || !other) return null;
  const a = pairIndexes.get(one.account) ?? UNKNOWN;
  const b = pairIndexes.get(other.account) ?? UNKNOWN;
  if (a < b) return `${a}:${one.amount} ${b}:${other.amount} `;
  return b < a ? `${b}:${other.amount} ${a}:${one.amount} ` : null;
}

function sumsOf(entry: Entry, pairIndexes: ReadonlyMap<string, number>): Map<number, Amount> {
  const sums = new Map<number, Amount>();
  for (const { account, amount } of entry.lines) {
    const pairIndex = pairIndexes.get(account) ?? UNKNOWN;
    const sum = (sums.get(pairIndex) ?? 0) + amount;
    if (sum === 0) sums.delete(pairIndex);
    else sums.set(pairIndex, sum);
  }
  return sums;
}

export function signatureOf(sums: ReadonlyMap<number, Amount>): string {
  const pairIndexes = [...sums.keys()];
  if (pairIndexes.length > 1) pairIndexes.sort((a, b) => a - b);
  let signature = '';
  for (const pairIndex of pairIndexes) signature += `${pairIndex}:${sums.get(pairIndex) ?? 0} `;
  return signature;
}

const viewsOfKeys = new WeakMap<Book, readonly EntryView[]>();

/** A key's views, made once while no accounts of it count together: then its units are always the same. */
export function viewsOfKey(
  key: Book,
  recognition: Recognition,
  pairIndexes: PairIndexes,
): readonly EntryView[] {
  const isMerged = recognition.pairs.some((pair) => pair.keys.length > 1);
  const known = isMerged ? undefined : viewsOfKeys.get(key);
  if (known) return known;
  const views = viewsOf(key, opensIn(key), pairIndexes.ofKey);
  if (!isMerged) viewsOfKeys.set(key, views);
  return views;
}

/** The entries of a book that are not openings, seen through the units. */
export const viewsOf = (
  book: Book,
  opens: Opens,
  pairIndexes: ReadonlyMap<string, number>,
): EntryView[] =>
  book.entries.filter((entry) => !opens(entry)).map((entry) => new View(entry, pairIndexes));

/** The sums of several entries together. */
export function addedUp(views: readonly EntryView[]): Map<number, Amount> {
  const sums = new Map<number, Amount>();
  for (const view of views)
    for (const [pairIndex, amount] of view.sums) {
      const sum = (sums.get(pairIndex) ?? 0) + amount;
      if (sum === 0) sums.delete(pairIndex);
      else sums.set(pairIndex, sum);
    }
  return sums;
}
