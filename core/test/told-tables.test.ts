import {
  accountsIntoBook,
  accountsToTable,
  bookFromTable,
  cellsOf,
  cellsToCsv,
  newBookFromTable,
  columnsIn,
  proposeSign,
  readAccountTable,
  type Book,
} from '../src/index.js';
import { COMPANY, SCHEME, shop } from './builder.js';

/* What is understood of tables, row by row, as it was looked through once. */

const TABLES: Readonly<Record<string, string>> = {
  'debit and credit':
    'Code,Account,Debit,Credit\n1010,Bank,"1,200.50",\n2010,Trade payables,,200.50\n3010,Share capital,,1000\n,Total,1200.50,1200.50\n',
  'one signed column':
    'Number;Name;Balance\n1010;Bank;1.200,50\n2010;Trade payables;-200,50\n3010;Share capital;(1.000,00)\n',
  'credits positive':
    'Number,Name,Balance\n4010,Sales of goods,900\n6010,Insurance,-100\n3010,Share capital,200\n1010,Bank,-1000\n',
  'each on its normal side':
    'Number,Name,Balance\n1010,Bank,1000\n2010,Trade payables,300\n3010,Share capital,700\n',
  'a side column': 'Account,Name,Amount,Side\n1010,Bank,100,D\n3010,Share capital,100,C\n',
  'suffixes of sides': 'Account,Name,Amount\n1010,Bank,100 Dr\n3010,Share capital,100 Cr\n',
  'titles, headings and totals':
    'Heron Quay Stores\nTrial balance\n\nNo,Account,Debit,Credit\n,Current assets,,\n1010,Bank,10,\n1100,Trade receivables,5,\n,Total current assets,15,\n,Equity,,\n3010,Share capital,,15\n,Total,15,15\n',
  indented:
    'Number,Name,Balance\n1500,Vehicles,0\n1510,   Van,100\n1511,   Depreciation of the van,-40\n3010,Share capital,-60\n',
  'parents by colon': 'Name,Balance\nVehicles:Van,100\nVehicles:Lorry,50\nShare capital,-150\n',
  'types and sections':
    'Number,Name,Type,Section\n1,Till,Cash in hand,\n2,Stock,,Current assets\n3,Odd,Unheard of,\n4,Loan,Long-term loan,Non-current liabilities\n',
  'states and parents':
    'Number,Name,Parent,State\n1500,Vehicles,,in use\n1510,Van,1500,retired\n1520,Lorry,Vehicles,\n1530,Car,9999,closed\n',
  'doubled numbers': 'Number,Name,Balance\n1010,Bank,5\n1010,Second bank,-5\n',
  'no headings': '1010,Bank,10\n3010,Share capital,-10\n',
  'names alone': 'Bank\nTrade receivables\nShare capital\n',
  'faults in cells':
    'Number,Name,Debit,Credit\n1010,Bank,abc,\n1020,Till,5,5\n1030,,7,\n1040,Box,1.234.567,\n1050,Chest,#REF!,\n',
  'tabs and quotes':
    'Number\tName\tBalance\n1010\t"Bank ""main"""\t"1,000"\n3010\tShare capital\t"-1,000"\n',
  'spaces and letters': 'Number,Name,Balance\n A-10 ,Bank,10\na-10,Other,-10\n',
};

const FRAME = { company: COMPANY, scheme: SCHEME, numberPlan: null, at: '2026-12-31' };

const NEW = { company: COMPANY, scheme: 'current-first', numberPlan: null };

const bookSays = (of: Book): string[] => [
  ...of.accounts.map(({ id, number, name, type, parent, retired }) =>
    [id, number, name, type, parent, retired ? 'retired' : ''].join(' | '),
  ),
  JSON.stringify(of.opening),
];

describe('what is understood of a table', () => {
  it.each(Object.entries(TABLES))('%s', (_, text) => {
    const cells = cellsOf(text);
    if (!cells.ok) throw new Error(cells.refusals[0]?.says);
    const said: unknown[] = [columnsIn(cells.value)];
    for (const guessTypes of [true, false]) {
      const read = readAccountTable(cells.value, { scheme: SCHEME, digits: 2, guessTypes });
      if (!read.ok) {
        said.push(read.refusals.map(({ says }) => says));
        continue;
      }
      const { rows, skipped, faults, signed } = read.value;
      said.push(
        rows,
        skipped,
        faults.map(({ says }) => says),
        signed,
      );
      const sign = proposeSign(read.value, SCHEME);
      said.push(sign, bookSays(bookFromTable(read.value, FRAME)));
      const taken = accountsIntoBook(shop(), read.value, sign);
      said.push(
        taken.rows.map(({ row, account, refusal, lacks }) => [
          row,
          account.number,
          account.type,
          account.parent !== null,
          refusal,
          lacks,
        ]),
      );
      said.push(JSON.stringify(taken.operation).match(/"amount":-?\d+/g));
      if (guessTypes) said.push(bookSays(newBookFromTable(read.value, NEW, sign)));
    }
    const ids = JSON.stringify(said).replace(/"id":"[\w-]{10,}"/g, '"id":"…"');
    expect(ids.replaceAll('},', '},\n').replaceAll('],', '],\n')).toMatchSnapshot();
  });

  it('what is written can be read again', () => {
    const csv = cellsToCsv(accountsToTable(shop()));
    expect(csv).toMatchSnapshot();
    const cells = cellsOf(csv);
    const read =
      cells.ok && readAccountTable(cells.value, { scheme: SCHEME, digits: 2, guessTypes: true });
    expect(read && read.ok && read.value.rows.map(({ number }) => number)).toEqual(
      shop().accounts.map(({ number }) => number),
    );
  });
});
