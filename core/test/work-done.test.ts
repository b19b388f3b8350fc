import { checkWork, keyOf, newBook, account, type Book, type Entry } from '../src/index.js';

const TYPES = [
  'bank',
  'trade-receivables',
  'plant-equipment',
  'trade-payables',
  'goods-sales',
  'staff',
];

/** A book of some size in which no two accounts and no two entries are alike. */
function bookOf(accounts: number, entries: number, shift = 0): Book {
  const empty = newBook({
    company: {
      ...{ name: 'Counted', trade: '', legalForm: 'company', currency: 'EUR' },
      ...{ firstDay: '2027-01-01', periods: 12 },
    },
    scheme: 'current-first',
    numberPlan: null,
  });
  const made = Array.from({ length: accounts }, (_, i) =>
    account(`a${i}`, `Heron ${i * 37} quay ${i}`, {
      number: String(10_000 + 7 * i),
      type: TYPES[i % TYPES.length] ?? null,
    }),
  );
  const list = Array.from({ length: entries }, (_, i): Entry => {
    const day = String(1 + (i % 28)).padStart(2, '0');
    const month = String(1 + (i % 12)).padStart(2, '0');
    const amount = 1_000 + i * 13 + (i % 50 === 0 ? shift : 0);
    return {
      ...{
        id: `e${i}`,
        date: `2027-${month}-${day}`,
        kind: 'general',
        reference: '',
        text: `t${i}`,
      },
      lines: [
        { account: `a${i % accounts}`, amount },
        { account: `a${(i * 7 + 1 + (i % accounts)) % accounts}`, amount: -amount },
      ],
    };
  });
  return {
    ...empty,
    accounts: [...empty.accounts, ...made],
    entries: list.filter(({ lines }) => lines[0]?.account !== lines[1]?.account),
  };
}

/** A book of which each look at an account, an entry or a line is counted. */
function counted(book: Book): { readonly book: Book; readonly looks: Record<string, number> } {
  const looks = { accounts: 0, entries: 0, lines: 0 };
  const watched = <T extends object>(thing: T, kind: keyof typeof looks): T =>
    new Proxy(thing, {
      get(of, name, self) {
        looks[kind]++;
        return Reflect.get(of, name, self) as unknown;
      },
    });
  const entries = book.entries.map((entry) =>
    watched({ ...entry, lines: entry.lines.map((line) => watched(line, 'lines')) }, 'entries'),
  );
  const accounts = book.accounts.map((each) => watched({ ...each }, 'accounts'));
  return { book: { ...book, accounts, entries }, looks };
}

/** How often each account, entry and line of a work is looked at while it is checked. */
function looksAt(accounts: number, entries: number, shift: number) {
  const key = keyOf(bookOf(accounts, entries));
  const { book, looks } = counted(bookOf(accounts, entries, shift));
  checkWork(key, book, { start: bookOf(0, 0) });
  const lines = book.entries.length * 2;
  return {
    accounts: (looks['accounts'] ?? 0) / book.accounts.length,
    entries: (looks['entries'] ?? 0) / book.entries.length,
    lines: (looks['lines'] ?? 0) / lines,
  };
}

/** Counted, not timed: whoever makes a check look more often than this sees it here, and lowers it where it looks less. */
describe('the work that a check is', () => {
  it.each([
    ['a work that is the key', 0, { accounts: 52, entries: 27, lines: 15 }],
    [
      'a work in which one of fifty entries is wrong',
      300,
      { accounts: 52, entries: 27, lines: 15 },
    ],
  ])('of %s is no more than it was', (_, shift, most) => {
    const looks = looksAt(150, 500, shift);
    for (const [kind, count] of Object.entries(most))
      expect([kind, looks[kind as keyof typeof looks] <= count]).toEqual([kind, true]);
  });

  it('grows with the size of the book, and no faster', () => {
    const small = looksAt(60, 400, 300);
    const large = looksAt(240, 1_600, 300);
    expect(large.entries).toBeLessThanOrEqual(small.entries * 1.1);
    expect(large.lines).toBeLessThanOrEqual(small.lines * 1.1);
    expect(large.accounts).toBeLessThanOrEqual(small.accounts * 1.3);
  });
});
