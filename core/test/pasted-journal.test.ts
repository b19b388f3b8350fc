import fc from 'fast-check';
import { entriesInTable, handoutToTable, journalSheet, listCellsOf } from '../src/index.js';
import { writtenDays } from '../src/model/day/written-days.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book } from './builder.js';

const shop = book(
  [
    acct('bank', 'bank', { number: '1010', name: 'Bank' }),
    acct('debtors', 'trade-receivables', { number: '1100', name: 'Trade receivables' }),
    acct('rent', 'premises', { number: '6010', name: 'Shop rent' }),
    acct('power', 'premises', { number: '6020', name: 'Electricity' }),
    acct('sales', 'goods-sales', { number: '4010', name: 'Sales' }),
  ],
  {},
);

function read(text: string) {
  let n = 0;
  const { entries, faults } = entriesInTable(shop, listCellsOf(text), { newId: () => `e${++n}` });
  return {
    faults,
    entries: entries.map(({ entry: { date, reference, text: words, lines } }) => [
      date,
      reference,
      words,
      Object.fromEntries(lines.map(({ account, amount }) => [account, amount])),
    ]),
  };
}

describe('a journal that is pasted', () => {
  test('row by row, columns in any order, accounts by number, name or both', () => {
    const { entries, faults } = read(
      [
        'Account\tDebit\tCredit\tDate\tRef\tDescription',
        '6010\t500.00\t\t3 Feb 2027\tB1\tRent',
        'Bank\t\t500.00\t\t\t',
        '1010 Bank\t1,200.00\t\t4 Feb 2027\tB2\tSold',
        'Sales\t\t1,200.00\t\t\t',
      ].join('\n'),
    );
    expect(faults).toEqual([]);
    expect(entries).toEqual([
      ['2027-02-03', 'B1', 'Rent', { rent: 50_000, bank: -50_000 }],
      ['2027-02-04', 'B2', 'Sold', { bank: 120_000, sales: -120_000 }],
    ]);
  });

  test('with the day in every row: another reference, another text, or a balance ends an entry', () => {
    const { entries } = read(
      [
        'Date;Text;Account;Debit;Credit',
        '2027-02-03;Bills;Shop rent;500;',
        '2027-02-03;Bills;Electricity;80;',
        '2027-02-03;Bills;Bank;;580',
        '2027-02-03;Bills;Shop rent;20;',
        '2027-02-03;Bills;Bank;;20',
        '2027-02-03;Sold;Bank;70;',
        '2027-02-03;Sold;Sales;;70',
      ].join('\n'),
    );
    expect(entries.map(([, , , lines]) => lines)).toEqual([
      { rent: 50_000, power: 8000, bank: -58_000 },
      { rent: 2000, bank: -2000 },
      { bank: 7000, sales: -7000 },
    ]);
  });

  test('one row an entry, with both accounts and one amount', () => {
    expect(
      read(
        'Date\tDetails\tDebit account\tCredit account\tAmount\n5.2.2027\tSold\tBank\tSales\t99,50',
      ).entries,
    ).toEqual([['2027-02-05', '', 'Sold', { bank: 9950, sales: -9950 }]]);
  });

  test('without headings, by how many columns there are', () => {
    expect(read('2027-03-01\tRent\tShop rent\t500\t\n\t\tBank\t\t500').entries).toEqual([
      ['2027-03-01', '', 'Rent', { rent: 50_000, bank: -50_000 }],
    ]);
  });

  test('says what can’t be read, with its row, and reads the rest', () => {
    const { entries, faults } = read(
      [
        'Date\tText\tAccount\tDebit\tCredit',
        '2027-02-03\tFood\tGroceries\t5\t',
        '\t\tBank\t\t5',
        '2027-02-31\tNever\tBank\t5\t',
        '2027-02-04\tShort\tBank\t5\t',
        '\t\tSales\t\t4',
        '2027-02-05\tSold\tBank\tfive\t',
        '\t\tSales\t\t5',
        '2027-02-06\tSold\tBank\t5\t',
        '\t\tSales\t\t5',
      ].join('\n'),
    );
    expect(entries.map(([date]) => date)).toEqual(['2027-02-06']);
    expect(faults).toEqual([
      'Row 2: There is no account “Groceries” in this book. Add it to the chart, or write it as it is called there.',
      'Row 4: “2027-02-31” is no day. Write it as 2027-03-31 or 31 Mar 2027.',
      'Row 5: The entry of 4 February 2027 has 1.00 more in debit. Add what is missing, or put its amounts right.',
      expect.stringMatching(/^Row 7: “five”/),
    ]);
    expect(read('What a day\nand what a night').faults[0]).toMatch(/^This is no journal/);
  });

  test('that was saved here is read again as it is', () => {
    fc.assert(
      fc.property(anyBook, (of) => {
        const names = of.accounts.map(({ name, number }) => `${number} ${name}`.toLowerCase());
        const isPlain = new Set(names).size === names.length;
        const entries = of.entries.filter(({ lines }) => lines.every(({ amount }) => amount !== 0));
        if (!isPlain || entries.length === 0) return;
        const table = handoutToTable(journalSheet({ ...of, entries }));
        const { faults, entries: again } = entriesInTable(of, table, { newId: () => 'x' });
        expect(faults).toEqual([]);
        const sums = (all: typeof entries) =>
          all
            .flatMap(({ date, lines }) =>
              lines.map((line) => `${date} ${line.account} ${line.amount}`),
            )
            .sort();
        expect(sums(again.map(({ entry }) => entry))).toEqual(sums(entries));
      }),
      { numRuns: 150 },
    );
  });
});

test.each([
  [
    ['2027-02-03', '2027-12-31'],
    ['2027-02-03', '2027-12-31'],
  ],
  [
    ['3.2.2027', '31.12.27'],
    ['2027-02-03', '2027-12-31'],
  ],
  [
    ['3/2/2027', '4/2/2027'],
    ['2027-02-03', '2027-02-04'],
  ],
  [
    ['2/3/2027', '12/31/2027'],
    ['2027-02-03', '2027-12-31'],
  ],
  [
    ['3 Feb', 'Feb 3, 2028', '8\u00a0Feb\u00a02027'],
    ['2027-02-03', '2028-02-03', '2027-02-08'],
  ],
  [
    ['soon', '31.2.2027', '99'],
    [null, null, null],
  ],
])('days are read as people write them: %j', (texts, days) => {
  expect(writtenDays(texts, 2027)).toEqual(days);
});
