import { checkWork, odditiesOf, worksAlike, type AnswerKey, type Book } from '@gleddo/core';
import { Chance } from './chance.js';
import { PLANTS } from './faults.js';
import { KEYS, workOf } from './works.js';
import { Making } from './work.js';
import { otherwise, restyled } from './wordings.js';

/** What a class tends to get wrong: each fault the same for all who make it, the weaker more often. */
function habitsOf(seed: number): readonly (readonly [kind: string, seed: number])[] {
  const chance = new Chance(seed);
  return Array.from({ length: 8 }, (_, i) => [
    chance.oneOf(Object.keys(PLANTS)) ?? '',
    seed * 100 + i,
  ]);
}

/** One honest work: what the class tends to, then faults and words of its own. */
function honest(key: AnswerKey, seed: number, habits: ReturnType<typeof habitsOf>): Book {
  const chance = new Chance(seed + 77);
  const weakness = chance.between(0, 100) / 100;
  const own = workOf(key, seed);
  const making = new Making(key, seed);
  making.accounts = [...own.book.accounts];
  making.balances = { ...own.book.opening.balances };
  making.entries = [...own.book.entries];
  for (const [kind, fault] of habits)
    if (chance.happens(0.6 * weakness)) PLANTS[kind]?.(making, new Chance(fault));
  return making.made().book;
}

type Copying = (from: Book, other: Book, chance: Chance) => Book;

const renamed: Copying = (from, _, chance) => ({
  ...from,
  accounts: from.accounts.map((each) => ({
    ...each,
    name: otherwise(each.name, chance) ?? restyled(each.name, chance),
  })),
});

const reordered: Copying = (from, _, chance) => ({
  ...from,
  entries: chance.shuffled(from.entries),
});

const renumbered: Copying = (from) => ({
  ...from,
  accounts: from.accounts.map((each) => ({
    ...each,
    number:
      each.number !== null && /^\d+$/.test(each.number)
        ? `${Number(each.number) + 1}`
        : each.number,
  })),
});

/** Two thirds of the journal are the other’s, what follows is one’s own. */
const inPart: Copying = (from, own) => {
  const many = Math.ceil((from.entries.length * 2) / 3);
  const known = new Set(from.accounts.map(({ id }) => id));
  return {
    ...from,
    entries: [
      ...from.entries.slice(0, many),
      ...own.entries
        .slice(many)
        .filter(({ lines }) => lines.every(({ account }) => known.has(account))),
    ],
  };
};

/** Who worked together have most in common, and each a few things of their own. */
const together: Copying = (from, _, chance) => ({
  ...from,
  accounts: from.accounts.map((each) =>
    chance.happens(0.15) ? { ...each, name: `${each.name}.` } : each,
  ),
  entries: from.entries.filter(() => chance.happens(0.95)),
});

const COPYING: Readonly<Record<string, Copying>> = {
  untouched: (from) => from,
  renamed,
  reordered,
  renumbered,
  'in part': inPart,
  together,
};

const SIZE = 60;

/** How alike two works are told that are copies, and two that are none, over so many classes. */
export function tellCopies(classes: number, first: number, out: (line: string) => void): void {
  const told = new Map(Object.keys(COPYING).map((kind) => [kind, 0]));
  const made = new Map(told);
  let [alarms, alone] = [0, 0];
  for (let n = first; n < first + classes; n++) {
    const key = KEYS[n % KEYS.length]?.();
    if (!key) continue;
    const habits = habitsOf(n);
    const books = Array.from({ length: SIZE }, (_, i) => honest(key, n * 1000 + i, habits));
    alone += found(key, books).length;
    const chance = new Chance(n);
    const sources = worthCopying(key, books);
    const copies = Object.entries(COPYING).flatMap(([kind, copy], i) => {
      const from = sources[i * Math.max(1, Math.floor(sources.length / 6))];
      if (from === undefined) return [];
      const own = honest(key, n * 1000 + SIZE + i, habits);
      return [{ kind, from, book: copy(books[from] as Book, own, chance) }];
    });
    for (const { kind } of copies) made.set(kind, (made.get(kind) ?? 0) + 1);
    const all = found(key, [...books, ...copies.map(({ book }) => book)]);
    for (const [a, b] of all) {
      const copy = copies[b - SIZE];
      if (copy?.from === a) told.set(copy.kind, (told.get(copy.kind) ?? 0) + 1);
      else alarms += 1;
    }
  }
  out(`copies told in ${classes} classes of ${SIZE}:`);
  for (const [kind, n] of told) out(`  ${kind.padEnd(17)} ${n} of ${made.get(kind)}`);
  out(`  of no copy        ${alarms}; in classes without copies ${alone}`);
}

/** Those whose work has something to copy besides what is right; each copy is of another one. */
function worthCopying(key: AnswerKey, books: readonly Book[]): number[] {
  const faults = (book: Book) =>
    checkWork(key, book).results.filter(({ outcome }) => outcome === 'not-met').length;
  return books.flatMap((book, i) => (faults(book) >= 4 ? [i] : []));
}

const found = (key: AnswerKey, books: readonly Book[]): (readonly [number, number])[] =>
  worksAlike(
    books.map((work, whose) => {
      const checked = checkWork(key, work);
      return { whose, oddities: odditiesOf({ key, work, checked, answers: new Map() }) };
    }),
  ).map(({ works: [a, b] }) => [Math.min(a, b), Math.max(a, b)] as const);
