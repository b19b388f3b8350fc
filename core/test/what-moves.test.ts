import {
  apply,
  numberedFrom,
  placeAt,
  spreadFigures,
  whatMoves,
  type Book,
  type Operation,
  type Result,
} from '../src/index.js';
import { shop } from './builder.js';

const PERIOD = { from: '2027-01-01', to: '2027-03-31' };

function after(book: Book, change: Result<Operation>): Book {
  if (!change.ok) throw new Error(change.refusals[0]?.says);
  const applied = apply(book, change.value);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  return applied.value.book;
}

describe('what a change of place moves', () => {
  const moved = (id: string, type: string) =>
    whatMoves(shop(), after(shop(), placeAt(shop(), id, type)), PERIOD);

  it('is told heading by heading, and the profit with it', () => {
    const before = spreadFigures(shop(), PERIOD);
    const { profit } = before.profit.totals;
    const rent = before.amounts.get('prepaid') ?? 0;
    const described = moved('prepaid', 'premises');
    expect(rent).not.toBe(0);
    expect(described.map(({ name }) => name)).toEqual(expect.arrayContaining(['Current assets']));
    for (const { was, is } of described) expect(was).not.toBe(is);
    const equity = described.find(({ name }) => name === 'Total equity');
    expect((equity?.is ?? 0) - (equity?.was ?? 0)).toBe(-rent);
    const sales = moved('sales', 'accrued-expense');
    expect(sales.at(-1)?.was).toBe(profit);
    expect(sales.find(({ name }) => name === 'Revenue')?.is).toBe(0);
  });

  it('is nothing within a section', () => {
    expect(moved('passes', 'accrued-expense')).toEqual([]);
    expect(whatMoves(shop(), shop(), PERIOD)).toEqual([]);
  });
});

describe('accounts numbered from a first number on', () => {
  const ids = ['bank', 'prepaid'];
  const numbers = (book: Book, of = ids) =>
    of.map((id) => book.accounts.find((each) => each.id === id)?.number);

  it('follow each other by the plan’s step, also over numbers that they have themselves', () => {
    const once = after(shop(), numberedFrom(shop(), ids, '1300'));
    expect(numbers(once)).toEqual(['1300', '1310']);
    expect(numbers(after(once, numberedFrom(once, ids, '1310')))).toEqual(['1310', '1320']);
    expect(numbers(after(once, numberedFrom(once, [...ids].reverse(), '1300')))).toEqual([
      '1310',
      '1300',
    ]);
  });

  it('are numbered in one step that is undone in one', () => {
    const change = numberedFrom(shop(), ids, '1300');
    const applied = change.ok && apply(shop(), change.value);
    if (!applied || !applied.ok) throw new Error('not done');
    expect(after(applied.value.book, { ok: true, value: applied.value.inverse })).toEqual(shop());
  });

  it('go under their parent by its small step, and the next on top behind them', () => {
    const book: Book = {
      ...shop(),
      accounts: shop().accounts.map((each) =>
        each.id === 'prepaid' ? { ...each, parent: 'bank', type: 'bank' } : each,
      ),
    };
    const more = ['bank', 'prepaid', 'loan'];
    expect(numbers(after(book, numberedFrom(book, more, '9000')), more)).toEqual([
      '9000',
      '9001',
      '9010',
    ]);
  });

  it('are refused without digits, without room, and with a number of somebody else', () => {
    const code = (first: string) => {
      const made = numberedFrom(shop(), ids, first);
      return made.ok ? null : made.refusals[0]?.code;
    };
    expect(code('ABC')).toBe('number.not-counted-on');
    expect(code('9995')).toBe('number.too-few-digits');
    const other = shop().accounts.find(({ id }) => id === 'loan')?.number ?? '';
    const made = numberedFrom(shop(), ids, other);
    expect(made.ok && apply(shop(), made.value).ok).toBe(false);
  });
});
