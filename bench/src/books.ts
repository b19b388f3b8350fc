import {
  account,
  apply,
  newBook,
  type Account,
  type Book,
  type Entry,
  type Operation,
} from '@gleddo/core';

const COMPANY = {
  name: 'Bench',
  trade: '',
  legalForm: 'company',
  currency: 'EUR',
  firstDay: '2027-01-01',
  periods: 12,
} as const;

const TYPES = [
  'bank',
  'trade-receivables',
  'plant-equipment',
  'trade-payables',
  'goods-sales',
  'staff',
  'office',
  'premises',
];
const WORDS = 'north south quay lane harbour mill field copper slate willow heron tide'.split(' ');

/** A number that looks random and is the same at every run. */
const mixed = (n: number): number => ((n * 2654435761) >>> 0) / 2 ** 32;

const nameOf = (i: number): string =>
  `${WORDS[i % WORDS.length]} ${WORDS[Math.floor(mixed(i) * WORDS.length)]} ${i}`;

function accountsOf(count: number): Account[] {
  return Array.from({ length: count }, (_, i) =>
    account(`a${i}`, nameOf(i), {
      number: String(10_000 + 7 * i),
      type: TYPES[i % TYPES.length] ?? null,
    }),
  );
}

function entryOf(i: number, accounts: number): Entry {
  const amount = 100 + Math.floor(mixed(i) * 1_000_000);
  const day = 1 + (i % 28);
  const month = 1 + (i % 12);
  return {
    id: `e${i}`,
    date: `2027-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`,
    kind: 'general',
    reference: `R${i}`,
    text: `entry ${i}`,
    lines: [
      { account: `a${i % accounts}`, amount },
      { account: `a${(i * 7 + 3) % accounts}`, amount: -amount },
    ].filter((line, at, all) => at === 0 || line.account !== all[0]?.account),
  };
}

/** A book of some size, made up. */
export function bookOf(accounts: number, entries: number): Book {
  const empty = newBook({ company: COMPANY, scheme: 'current-first', numberPlan: null });
  const list = Array.from({ length: entries }, (_, i) => entryOf(i, accounts));
  return {
    ...empty,
    accounts: [...empty.accounts, ...accountsOf(accounts)],
    opening: { date: '2026-12-31', balances: { a0: 1_000_000, a3: -1_000_000 } },
    entries: list.filter((entry) => entry.lines.length === 2),
  };
}

const changed = (book: Book, operation: Operation): Book => {
  const done = apply(book, operation);
  return done.ok ? done.value.book : book;
};

/** A student's work on the book: other ids, another order, and faults of several sorts, by a seed. */
export function workOn(key: Book, seed: number): Book {
  const at = (n: number) => Math.floor(mixed(seed * 31 + n) * key.accounts.length);
  let work = key;
  for (let n = 0; n < 3; n++) {
    const moved = key.accounts[at(n)];
    if (moved)
      work = changed(work, {
        kind: 'move-account',
        id: moved.id,
        type: 'goods-sales',
        parent: null,
        number: moved.number,
      });
  }
  const dropped = new Set(
    [0, 1, 2].map((n) => Math.floor(mixed(seed + 97 * n) * key.entries.length)),
  );
  const entries = work.entries
    .filter((_, i) => !dropped.has(i))
    .map((entry, i) =>
      i % 97 === seed % 97
        ? { ...entry, lines: entry.lines.map((line) => ({ ...line, amount: line.amount * 2 })) }
        : entry,
    );
  const id = (old: string) => `w${seed}-${old}`;
  return {
    ...work,
    accounts: [...work.accounts].reverse().map((each) => ({ ...each, id: id(each.id) })),
    opening: {
      ...work.opening,
      balances: Object.fromEntries(
        Object.entries(work.opening.balances).map(([old, amount]) => [id(old), amount]),
      ),
    },
    entries: entries.map((entry) => ({
      ...entry,
      lines: entry.lines.map((line) => ({ ...line, account: id(line.account) })),
    })),
  };
}
