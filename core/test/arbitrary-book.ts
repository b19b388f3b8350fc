import fc from 'fast-check';
import { type Account, type Book, type Entry } from '../src/index.js';
import { CATALOGUE } from '../src/model/scheme/catalogue.js';
import { acct, book } from './builder.js';

const TYPES = CATALOGUE.filter((type) => type.role !== 'retained-earnings').map((type) => type.id);

const WORDS = ['Harbour', 'Copper', 'Willow', 'Granite', 'Amber', 'Lantern', 'Meadow', 'Tide'];
const THINGS = ['store', 'press', 'garden', 'ferry', 'oven', 'loom', 'kiln', 'barn', 'mill'];

/** A name no other account has: two words chosen by position. */
const nameAt = (i: number): string =>
  `${WORDS[i % WORDS.length] ?? ''} ${THINGS[Math.floor(i / WORDS.length) % THINGS.length] ?? ''}`;

const day = fc
  .integer({ min: -40, max: 400 })
  .map((days) => new Date(Date.UTC(2027, 0, 1 + days)).toISOString().slice(0, 10));

const kind = fc.constantFrom('general', 'adjusting', 'closing', 'opening', 'sales' as const);

function entryOf(ids: readonly string[], i: number): fc.Arbitrary<Entry> {
  const line = fc.tuple(fc.constantFrom(...ids), fc.integer({ min: 1, max: 1_000_000 }));
  return fc
    .tuple(day, kind, fc.array(line, { minLength: 1, maxLength: 4 }), fc.constantFrom(...ids))
    .map(([date, of, lines, last]) => {
      const total = lines.reduce((sum, [, amount]) => sum + amount, 0);
      const all = [...lines.map(([account, amount]) => ({ account, amount }))];
      return {
        id: `entry-${i}`,
        date,
        kind: of as Entry['kind'],
        reference: '',
        text: `Entry ${i}`,
        lines: [...all, { account: last, amount: -total }],
      };
    });
}

function accountsOf(types: readonly (string | null)[]): Account[] {
  return types.map((type, i) => acct(`a${i}`, type, { name: nameAt(i) }));
}

/** Any book: accounts with and without a place, openings in and out of balance, entries of every kind. */
export const anyBook: fc.Arbitrary<Book> = fc
  .array(fc.option(fc.constantFrom(...TYPES), { freq: 8 }), { minLength: 2, maxLength: 14 })
  .chain((types) => {
    const accounts = [
      ...accountsOf(types),
      acct('kept', 'retained-earnings', { name: 'Kept back' }),
    ];
    const ids = accounts.map((account) => account.id);
    const opening = fc.dictionary(
      fc.constantFrom(...ids),
      fc.integer({ min: -1_000_000, max: 1_000_000 }).filter((amount) => amount !== 0),
    );
    const entries = fc
      .integer({ min: 0, max: 8 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, i) => entryOf(ids, i))));
    return fc
      .tuple(opening, entries)
      .map(([balances, all]) => shortlyDescribed(book(accounts, { ...balances }, all)));
  });

/** A failing book is told without the scheme and the plan, which are always the same. */
function shortlyDescribed(of: Book): Book {
  const tell = () => JSON.stringify({ ...of, scheme: 0, numberPlan: 0, company: 0 });
  return Object.defineProperty({ ...of }, fc.toStringMethod, { value: tell, enumerable: false });
}
