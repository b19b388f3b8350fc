import fc from 'fast-check';
import { cellsOf } from '../src/index.js';

const cells = (lines: readonly string[]): string[][] => {
  const read = cellsOf(lines.join('\n'));
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return read.value;
};

describe('commas that part cells and decimals alike', () => {
  test('leave each amount whole where the heading says how many there are', () => {
    expect(
      cells([
        'No,Account,Debit,Credit',
        '1010,Bank,1.234,50,',
        '1020,Till,7,05',
        '3010,Capital,,1.241,55',
        ',Total,1.241,55,1.241,55',
      ]),
    ).toEqual([
      ['No', 'Account', 'Debit', 'Credit'],
      ['1010', 'Bank', '1.234,50', ''],
      ['1020', 'Till', '7,05'],
      ['3010', 'Capital', '', '1.241,55'],
      ['', 'Total', '1.241,55', '1.241,55'],
    ]);
  });

  test('take no account’s number for the beginning of an amount', () => {
    expect(
      cells(['Account,No,Balance,Budget', 'Bank,1010,50,00,', 'Till,1020,-3,40,2,10']),
    ).toEqual([
      ['Account', 'No', 'Balance', 'Budget'],
      ['Bank', '1010', '50,00', ''],
      ['Till', '1020', '-3,40', '2,10'],
    ]);
  });

  test('are left as they are where a row has more cells and no such amounts, or no heading says how many', () => {
    const odd = ['No,Account,Debit,Credit', '1010,Bank,1.234,50,', '1020,Till, small one,5,'];
    expect(cells(odd)[2]).toEqual(['1020', 'Till', ' small one', '5', '']);
    expect(cells(odd)[1]).toEqual(['1010', 'Bank', '1.234', '50', '']);
    expect(cells(['1010,Bank,1.234,50,', '3010,Capital,,1.234,50'])[0]).toHaveLength(5);
  });

  test('leave a column alone that has no heading and holds numbers', () => {
    const lines = ['Account,Balance', 'Bank,500,12', 'Till,30,45', 'Capital,530,10'];
    expect(cells(lines)[1]).toEqual(['Bank', '500', '12']);
    expect(cells([...lines, 'Loan,70,05'])[1]).toEqual(['Bank', '500,12']);
  });

  test('change nothing in a table whose rows are as long as its heading', () => {
    const whole = fc.array(
      fc.nat(99).map((n) => String(n).padStart(2, '0')),
      {
        ...{ minLength: 4, maxLength: 4 },
      },
    );
    fc.assert(
      fc.property(fc.array(whole, { minLength: 1, maxLength: 5 }), (rows) => {
        const written = [['No', 'Account', 'Debit', 'Credit'], ...rows];
        expect(cells(written.map((row) => row.join(',')))).toEqual(written);
      }),
    );
  });

  test('hold what was written, whatever amounts stand in which columns', () => {
    const amount = fc.option(fc.integer({ min: -9_999_999, max: 9_999_999 }), { nil: null });
    const { format } = new Intl.NumberFormat('de-DE', { minimumFractionDigits: 2 });
    const said = (minor: number | null): string => (minor === null ? '' : format(minor / 100));
    const row = fc.tuple(fc.integer({ min: 1000, max: 9999 }), amount, amount);
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 8 }), (rows) => {
        const all = [...rows, [9999, 123_456, 5] as const];
        const written = all.map(([no, one, other]) => [String(no), 'Pots', said(one), said(other)]);
        const lines = written.map((each) => each.join(','));
        expect(cells(['No,Account,Debit,Credit', ...lines]).slice(1)).toEqual(written);
      }),
    );
  });
});
