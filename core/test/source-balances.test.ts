import {
  besideOpenings,
  handoutToTable,
  NEW_ACCOUNT,
  NOWHERE,
  openingsSheet,
  type BalanceFound,
  type SourceBalances,
} from '../src/index.js';
import { acct, book } from './builder.js';

const found = (row: number, name: string, amount: number): BalanceFound => ({
  ...{ row, number: null, name, type: null, amount },
});

const books = book(
  [
    acct('bank', 'bank', { number: '1010' }),
    acct('van', 'vehicles', { number: '1530' }),
    acct('stock', 'inventory', { number: '1200' }),
    acct('capital', 'share-capital', { number: '3010' }),
  ],
  { bank: 40000, van: 90000, stock: 5000, capital: -130000 },
);

const source: SourceBalances = {
  title: 'Balance sheet of Old Ferry Stores',
  rows: [
    found(2, 'Cash at bank', 30000),
    found(3, 'Till', 10000),
    found(4, 'Van', 80000),
    found(5, 'Goodwill', 10000),
    found(6, 'capital', -130000),
  ],
  going: new Map([
    [2, 'bank'],
    [3, 'bank'],
    [4, 'van'],
    [5, NOWHERE],
    [6, NEW_ACCOUNT],
  ]),
};

describe('a balance sheet beside the opening balances', () => {
  it('says row by row what stands, and what does not', () => {
    const { rows, notStated } = besideOpenings(books, source);
    expect(rows.map(({ account: of, here, apart }) => [of?.id ?? null, here, apart])).toEqual([
      ['bank', 40000, 0],
      ['bank', 40000, 0],
      ['van', 90000, 10000],
      [null, 0, -10000],
      ['capital', -130000, 0],
    ]);
    expect(notStated.map(({ account: of, here }) => [of.id, here])).toEqual([['stock', 5000]]);
  });

  it('is paper that adds up', () => {
    const [, ...rows] = handoutToTable(openingsSheet(books, source));
    expect(rows.at(-1)).toEqual(['Total', '', '', '0.00', '50.00', '50.00']);
    expect(rows.find(([there]) => there === 'Goodwill')).toEqual([
      ...['Goodwill', '', 'not found', '100.00', '0.00', '-100.00'],
    ]);
    expect(rows.some(([there]) => there === 'What it does not say')).toBe(true);
  });
});
