import {
  apply,
  forEachAccount,
  pairedEntries,
  placeAt,
  possibleParents,
  putUnder,
  takeOut,
  type Book,
  type Operation,
  type Result,
} from '../src/index.js';
import { entry, shop } from './builder.js';

const does = (book: Book, made: Result<Operation>): Book => {
  if (!made.ok) throw new Error(made.refusals[0]?.says);
  const applied = apply(book, made.value);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  return applied.value.book;
};

const account = (book: Book, id: string) => book.accounts.find((each) => each.id === id);

describe('several accounts in one step', () => {
  it('each gets a number of its own at the new place', () => {
    const moved = does(
      shop(),
      forEachAccount(shop(), ['insurance', 'wear'], (at, id) => placeAt(at, id, 'sundry-income')),
    );
    const numbers = ['insurance', 'wear'].map((id) => account(moved, id)?.number);
    expect(new Set(numbers).size).toBe(2);
    for (const number of numbers) expect(number).toMatch(/^8[0-4]\d\d$/);
  });

  it('are refused as a whole, with the reason of the first that can’t be done', () => {
    const made = forEachAccount(shop(), ['insurance', 'bank'], (_, id) => ({
      ok: true,
      value: { kind: 'delete-account', id, children: 'refuse' },
    }));
    if (made.ok) throw new Error('it was done');
    expect(made.refusals[0]?.says).toMatch(/“6200 Insurance”.*Retire it/);
  });

  it('nothing to do is nothing done', () => {
    const book = shop();
    expect(
      does(
        book,
        forEachAccount(book, [], () => ({ ok: false, refusals: [] })),
      ),
    ).toEqual(book);
  });
});

describe('parents', () => {
  it('that are possible stand in the section, and are neither itself nor below it', () => {
    const ids = (id: string) => possibleParents(shop(), id).map((each) => each.id);
    expect(ids('bank')).toEqual(['debtors', 'prepaid']);
    expect(ids('van')).toEqual([]);
    expect(ids('van-dep')).toEqual(['van']);
    expect(ids('nobody')).toEqual([]);
  });

  it('an account is put under the one above and taken out again, and is then as it was but for its number', () => {
    const under = does(shop(), putUnder(shop(), 'debtors'));
    expect(account(under, 'debtors')?.parent).toBe('bank');
    const out = does(under, takeOut(under, 'debtors'));
    expect({ ...account(out, 'debtors'), number: '' }).toEqual({
      ...account(shop(), 'debtors'),
      number: '',
    });
  });
});

describe('entries once the accounts are recognised', () => {
  const same = shop().accounts.map(({ id }) => ({ keys: [id], works: [id] }));

  it('pair with their likes, whatever order they were recorded in', () => {
    const work = { ...shop(), entries: [...shop().entries].reverse() };
    const pairs = pairedEntries(shop(), work, same);
    expect(pairs.map(({ keys, works }) => [keys[0]?.entry.id, works[0]?.entry.id])).toEqual(
      shop().entries.map(({ id }) => [id, id]),
    );
    expect(pairs.every(({ agrees }) => agrees)).toBe(true);
  });

  it('one that was split stands for the whole; one that is missing stands alone', () => {
    const [sale, ...others] = shop().entries;
    const halves = ['a', 'b'].map((id) =>
      entry(id, sale?.date ?? '', { lines: { debtors: 75_000, sales: -75_000 } }),
    );
    const split = pairedEntries(shop(), { ...shop(), entries: [...halves, ...others] }, same);
    expect(split.find(({ keys }) => keys[0]?.entry.id === 'sale')?.works).toHaveLength(2);
    const missing = pairedEntries(shop(), { ...shop(), entries: others }, same);
    expect(missing.find(({ keys }) => keys[0]?.entry.id === 'sale')).toMatchObject({
      works: [],
      agrees: false,
    });
  });
});
