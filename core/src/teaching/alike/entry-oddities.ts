import type { EntryPair } from '../../assessment/key/index.js';
import type { Entry } from '../../model/book/book.js';
import { daysBetween, shortDay } from '../../model/day/index.js';
import { asTyped, moneyIn, Standing, type CheckedBook, type Oddity } from './oddity.js';

/** What is odd about the entries of a work: days, accounts, amounts, words, what was left out among others, and the order of recording. */
export function entryOddities(of: CheckedBook): Oddity[] {
  const looking = new Looking(of);
  return [...of.checked.entryPairs.flatMap((pair) => looking.at(pair)), ...looking.outOfOrder()];
}

/** Sums by account, as `Standing` calls them. */
type Sums = ReadonlyMap<string, number>;

/** So many lines of an entry say which it is. */
const LINES_TOLD = 4;

class Looking {
  private readonly standing: Standing;
  /** The key’s entry that each of the work’s stands for. */
  private readonly keyOf: ReadonlyMap<string, Entry>;
  private readonly last: string;
  private readonly names: ReadonlyMap<string, string>;

  constructor(private readonly of: CheckedBook) {
    this.standing = new Standing(of);
    this.names = new Map(of.work.accounts.map(({ id, name }) => [id, name]));
    this.keyOf = new Map(
      of.checked.entryPairs.flatMap(({ keys: [key], works }) =>
        key ? works.map(({ entry }): [string, Entry] => [entry.id, key.entry]) : [],
      ),
    );
    this.last = [...this.keyOf.values()].reduce((max, { date }) => (date > max ? date : max), '');
  }

  at({ keys, works, agrees }: EntryPair): Oddity[] {
    const [key, work] = [keys[0]?.entry, works[0]?.entry];
    if (key && work && keys.length === 1 && works.length === 1)
      return [
        this.days(key, work),
        agrees ? null : this.content(key, work),
        this.words(key, work),
      ].flatMap((each) => each ?? []);
    if (!key) return works.map(({ entry }) => this.tooMany(entry));
    if (!work) return keys.flatMap(({ entry }) => this.leftOut(entry) ?? []);
    return [
      this.inParts(
        key,
        works.map(({ entry }) => entry),
      ),
    ];
  }

  private days(key: Entry, work: Entry): Oddity | null {
    if (key.date === work.date) return null;
    return {
      name: `day ${key.id} ${work.date}`,
      kind: `days ${daysBetween(key.date, work.date)}`,
      says: `${this.named(work)} on ${shortDay(work.date)}`,
    };
  }

  private content(key: Entry, work: Entry): Oddity {
    const [right, found] = [
      this.sums(key, (id) => id),
      this.sums(work, (id) => this.standing.of(id)),
    ];
    const name = `entry ${key.id} ${written(found)}`;
    const isTurned = written(found) === written(turned(right));
    return {
      name,
      kind: isTurned ? 'turned' : changed(right, found, name),
      says: this.described(work),
    };
  }

  private words(key: Entry, work: Entry): Oddity | null {
    const typed = asTyped(work.text);
    if (typed === '' || typed === asTyped(key.text)) return null;
    return { name: `words ${key.id} ${typed}`, kind: 'words', says: `the words “${work.text}”` };
  }

  private tooMany(work: Entry): Oddity {
    const sums = this.sums(work, (id) => this.standing.of(id));
    const name = `extra entry ${work.date} ${written(sums)}`;
    return { name, kind: `extra ${[...sums.keys()].sort().join(' ')}`, says: this.described(work) };
  }

  /** What was not reached yet is no oddity; what was passed over is one. */
  private leftOut(key: Entry): Oddity | null {
    if (key.date >= this.last) return null;
    return { name: `left out ${key.id}`, kind: 'left out', says: `no entry of “${key.text}”` };
  }

  private inParts(key: Entry, works: readonly Entry[]): Oddity {
    const parts = works
      .map((each) => written(this.sums(each, (id) => this.standing.of(id))))
      .sort();
    const name = `parts ${key.id} ${parts.join(' and ')}`;
    return { name, kind: 'parts', says: `“${key.text}” in ${works.length} entries` };
  }

  /** Entries recorded after one of a later day. */
  outOfOrder(): Oddity[] {
    const entries = this.of.work.entries.flatMap((work) => this.keyOf.get(work.id) ?? []);
    return entries.flatMap((entry, i) => {
      const before = entries[i - 1];
      if (!before || before.date <= entry.date) return [];
      const says = `“${entry.text}” recorded after “${before.text}”`;
      return [{ name: `order ${before.id} ${entry.id}`, kind: 'order', says }];
    });
  }

  private sums({ lines }: Entry, nameOf: (account: string) => string): Sums {
    const sums = new Map<string, number>();
    for (const { account, amount } of lines)
      sums.set(nameOf(account), (sums.get(nameOf(account)) ?? 0) + amount);
    return sums;
  }

  private named = ({ text, reference }: Entry): string => `“${text || reference || 'an entry'}”`;

  private described(entry: Entry): string {
    const total = entry.lines.reduce((sum, { amount }) => sum + Math.max(0, amount), 0);
    const names = entry.lines.slice(0, LINES_TOLD).map(({ account, amount }) => {
      return `${amount > 0 ? 'debit' : 'credit'} ${this.names.get(account) ?? ''}`;
    });
    return `${moneyIn(this.of.work, total)} on ${shortDay(entry.date)}: ${names.join(', ')}`;
  }
}

const written = (sums: Sums): string =>
  [...sums]
    .filter(([, amount]) => amount !== 0)
    .map(([account, amount]) => `${account}:${amount}`)
    .sort()
    .join(' ');

const turned = (sums: Sums): Sums => new Map([...sums].map(([id, amount]) => [id, -amount]));

/** What an account that is not used brings with it in one entry it brings in all; the same of one used instead. Wrong amounts speak each for itself. */
function changed(right: Sums, found: Sums, other: string): string {
  const missing = [...right.keys()].find((id) => !found.has(id));
  if (missing !== undefined) return `without ${missing}`;
  const odd = [...found.keys()].find((id) => !right.has(id));
  return odd === undefined ? other : `with ${odd}`;
}
