import fc from 'fast-check';
import { bestSheet } from '../src/files/incoming/best-sheet.js';
import { cellsOf } from '../src/files/table/cells.js';
import { oneList } from '../src/files/table/one-list.js';
import { plainCells } from '../src/files/table/plain-cells.js';

const plain = (cell: string): string | undefined => plainCells([[cell]])[0]?.[0];

describe('a cell of a table of accounts', () => {
  test.each([
    ['1,234.00 EUR', '1,234.00'],
    ['EUR 1,234.00', '1,234.00'],
    ['EUR -1,234.00', '-1,234.00'],
    ['€ (320.00)', '(320.00)'],
    ['Dr 1,234.00', '1,234.00 Dr'],
    ['1,234.00 (Cr)', '1,234.00 Cr'],
    ['1,234.00 Credit', '1,234.00 Cr'],
    ['1,234.00 GBP Dr', '1,234.00 Dr'],
    ['12.345,-', '12.345,00'],
    ['12,345.--', '12,345.00'],
    ['1,23,456.00', '1,23,456.00'],
  ])('that says %s is read as %s', (cell, wanted) => {
    expect(plain(cell)).toBe(wanted);
  });

  test.each(['nil', 'n/a', 'NaN', '-', '–', '---', 'None'])(
    'that says %s holds nothing',
    (cell) => {
      expect(plain(cell)).toBe('');
    },
  );

  test.each([
    ...['Bank EUR', 'Loan 2027', '1010', 'Jan 2027', 'MAR 2027', 'Dr Hull', '#N/A', 'Van 1'],
    ...['C 100', '100 D', 'TOP 5', 'CUP 3'],
    ...['Bank loan 5 % EUR', 'A-100', '2027-03-31', ''],
  ])('that says %s stays as it is', (cell) => {
    expect(plain(cell)).toBe(cell);
  });

  test('S and H are debit and credit where amounts say so, or a column says nothing else', () => {
    expect(plainCells([['1,00 S'], ['2,00 H']])).toEqual([['1,00 Dr'], ['2,00 Cr']]);
    expect(plainCells([['Side'], ['S'], ['H']])).toEqual([['Side'], ['Dr'], ['Cr']]);
    expect(plain('S')).toBe('S');
  });

  test('whatever stands in it, nothing but what is written plainly changes, and once is enough', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ maxLength: 14 }), { maxLength: 4 })), (cells) => {
        const once = plainCells(cells);
        expect(once.map((row) => row.length)).toEqual(cells.map((row) => row.length));
        expect(plainCells(once)).toEqual(once);
      }),
    );
  });
});

describe('a table that is laid out as several', () => {
  test('two lists side by side are one, in two columns where their titles say the sides', () => {
    const sided = [
      ['Debit balances', '', 'Credit balances', ''],
      ['Account', 'Amount', 'Account', 'Amount'],
      ['Bank', '5.00', 'Capital', '7.00'],
      ['Van', '2.00', '', ''],
    ];
    expect(oneList(sided)).toEqual([
      ['Account', 'Debit', 'Credit'],
      ['Bank', '5.00', ''],
      ['Van', '2.00', ''],
      ['Capital', '', '7.00'],
    ]);
    expect(oneList(sided.slice(1))[0]).toEqual(['Account', 'Amount']);
    const years = [
      ['Account', '2026', 'Account', '2027'],
      ['Bank', '1.00', 'Bank', '2.00'],
    ];
    expect(oneList(years)).toBe(years);
  });

  test('the blocks of a ledger are its accounts; what moved more than once is left to be looked at', () => {
    const block = (head: string, debit: string, credit: string) => [
      [head, '', ''],
      ['Text', 'Debit', 'Credit'],
      ['Balance', debit, credit],
      ['Total', debit, credit],
    ];
    const ledger = [
      ...block('Account: 1010 Bank', '5.00', ''),
      ...block('Account No. 1510 - Van', '2.00', ''),
      ...block('A/c 3010 Share capital', '', '7.00'),
    ];
    expect(oneList(ledger)).toEqual([
      ['No.', 'Account', 'Debit', 'Credit'],
      ['1010', 'Bank', '5.00', ''],
      ['1510', 'Van', '2.00', ''],
      ['3010', 'Share capital', '', '7.00'],
    ]);
    const twice = ledger.toSpliced(3, 0, ['Sold', '1.00', '']);
    expect(oneList(twice)).toBe(twice);
  });

  test('Markdown and columns set by spaces are told from text that is neither', () => {
    const markdown = '| Account | Debit |\n|---|---:|\n| Bank | 5.00 |\n| Van | 2.00 |';
    expect(cellsOf(markdown)).toMatchObject({
      value: [
        ['Account', 'Debit'],
        ['Bank', '5.00'],
        ['Van', '2.00'],
      ],
    });
    const printed = [
      'No.   Account            Debit    Credit',
      '1010  Bank, current       5.00          ',
      '3010  Share capital                 5.00',
    ].join('\n');
    expect(cellsOf(printed)).toMatchObject({
      value: [
        ['No.', 'Account', 'Debit', 'Credit'],
        ['1010', 'Bank, current', '5.00', ''],
        ['3010', 'Share capital', '', '5.00'],
      ],
    });
    const padded = 'Account,  Debit\nBank,   5.00\nVan,    2.00';
    expect(cellsOf(padded)).toMatchObject({
      value: [['Account', '  Debit'], expect.anything(), expect.anything()],
    });
    const long = Array.from({ length: 20 }, () => `a${' '.repeat(50_000)}b`).join('\n');
    expect(cellsOf(long).ok).toBe(true);
    expect(cellsOf('Account,Debit\nBank,5.00\nVan,2.00')).toMatchObject({
      value: [['Account', 'Debit'], expect.anything(), expect.anything()],
    });
  });
});

describe('of the sheets of a workbook', () => {
  const heads = ['No.', 'Account', 'Debit', 'Credit'];
  const sheet = (name: string, ...rows: string[][]) => ({
    ...{ name, isHidden: false, cells: [heads, ...rows] },
  });
  const bank = ['1010', 'Bank', '5.00', ''];
  const capital = ['3010', 'Share capital', '', '5.00'];

  test('those for each class are one list', () => {
    const whole = bestSheet([sheet('Assets', bank), sheet('Equity', capital)]);
    expect(whole?.name).toBe('Assets, Equity');
    expect(whole?.cells.slice(1)).toEqual([['', 'Assets'], bank, ['', 'Equity'], capital]);
  });

  test('parts whose names say no class are no heading in between', () => {
    const whole = bestSheet([sheet('Page 1', bank), sheet('Page 2', capital)]);
    expect(whole?.cells.slice(1)).toEqual([bank, capital]);
  });

  test('the same accounts in two years are those of the later one', () => {
    const both = [sheet('2026', bank, capital), sheet('2027', bank, capital)];
    expect(bestSheet(both)?.name).toBe('2027');
    expect(bestSheet(both.toReversed())?.name).toBe('2027');
  });
});
