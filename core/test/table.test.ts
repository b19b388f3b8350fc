import {
  accountsToTable,
  bookFromTable,
  cellsOf,
  cellsToCsv,
  decodeText,
  doubledNumbers,
  newBookFromTable,
  proposeSign,
  readAccountTable,
  trialBalance,
  type Book,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
import { COMPANY, SCHEME } from './builder.js';

const FRAME = { company: COMPANY, scheme: SCHEME, numberPlan: null, at: '2026-12-31' };

function table(text: string, guessTypes = true) {
  const cells = cellsOf(text);
  if (!cells.ok) throw new Error('no cells');
  const read = readAccountTable(cells.value, { scheme: SCHEME, digits: 2, guessTypes });
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return read.value;
}

const SPREADSHEET = `Heron Quay Stores,,,
Trial balance as at 31 March 2027,,,
,,,
Code,Account,Debit,Credit
1010,"Bank, current account","18,940.00",
1100,Trade receivables,"6,420.00",
1150,Allowance for doubtful debts,,"320.00"
2010,Trade payables,,"5,480.00"
3010,Share capital,,"19,560.00"
,Total,"25,360.00","25,360.00"
`;

test('a spreadsheet’s title lines, thousands and total line', () => {
  const read = table(SPREADSHEET);
  expect(read.found.headingRow).toBe(3);
  expect(read.rows.map((row) => [row.number, row.name, row.amount])).toEqual([
    ['1010', 'Bank, current account', 1894000],
    ['1100', 'Trade receivables', 642000],
    ['1150', 'Allowance for doubtful debts', -32000],
    ['2010', 'Trade payables', -548000],
    ['3010', 'Share capital', -1956000],
  ]);
  expect(read.skipped).toEqual([{ row: 10, says: '“Total” is a total; it is not an account.' }]);
  expect(read.faults).toEqual([]);
});

test('one signed column: parentheses, decimal commas, semicolons; the convention is proposed', () => {
  const read = table(
    'Nr;Name;Type;Balance\n1;Bank;Bank;1.234,50\n2;Loan;Long-term loan;(1.000,00)\n3;Capital;Share capital;-234,50\n',
  );
  expect(read.signed).toBe(true);
  expect(proposeSign(read, SCHEME)).toBe('debit-positive');
  expect(bookFromTable(read, FRAME).opening.balances).toEqual({
    bank: 123450,
    loan: -100000,
    capital: -23450,
  });
});

test('amounts all positive, each on its normal side', () => {
  const read = table(
    'Name,Type,Balance\nBank,Bank,150\nLoan,Long-term loan,100\nCapital,Share capital,50\n',
  );
  expect(proposeSign(read, SCHEME)).toBe('normal-side');
  expect(bookFromTable(read, FRAME).opening.balances).toEqual({
    bank: 15000,
    loan: -10000,
    capital: -5000,
  });
});

test('credits written as positive are recognised', () => {
  const read = table('Name,Type,Balance\nBank,Bank,-150\nCapital,Share capital,150\n');
  expect(proposeSign(read, SCHEME)).toBe('credit-positive');
});

test('headings place what stands under them; numbers inside names; Dr and Cr', () => {
  const read = table(
    'Account,Balance\nCurrent assets,\n1010 Bank,150 Dr\nEquity,\n3010 Share capital,150 Cr\n',
  );
  expect(read.rows.map((row) => [row.number, row.name, row.type, row.amount])).toEqual([
    ['1010', 'Bank', 'bank', 15000],
    ['3010', 'Share capital', 'share-capital', -15000],
  ]);
});

test('a row that can’t be read is said with its number and its reason', () => {
  const read = table('Number,Name,Debit,Credit\n1010,Bank,12x,\n1020,,5,\n1030,Till,3,\n');
  expect(read.rows.map((row) => row.name)).toEqual(['Till']);
  expect(read.faults.map((fault) => fault.says.slice(0, 5))).toEqual(['Row 2', 'Row 3']);
});

test('without headings, columns are told by their content', () => {
  const read = table('1010,Bank,150.00,\n1100,Debtors,50.00,\n3010,Capital,,200.00\n');
  expect(read.rows.map((row) => row.amount)).toEqual([15000, 5000, -20000]);
});

test('parents by name, by colon and by indentation', () => {
  const named = table('Name,Type,Parent\nVan,Vehicles,\nVan wear,Accumulated depreciation,Van\n');
  expect(bookFromTable(named, FRAME).accounts[1]?.parent).toBe('van');
  const colon = table('Name,Type\nVan,Vehicles\nVan:Wear,Accumulated depreciation\n');
  expect(bookFromTable(colon, FRAME).accounts[1]).toMatchObject({ name: 'Wear', parent: 'van' });
  const indented = table('Name,Type\nVan,Vehicles\n   Wear,Accumulated depreciation\n');
  expect(bookFromTable(indented, FRAME).accounts[1]?.parent).toBe('van');
});

test('bytes of other encodings', () => {
  expect(decodeText(new Uint8Array([0xff, 0xfe, 0x41, 0x00]))).toBe('A');
  expect(decodeText(new Uint8Array([0xfe, 0xff, 0x00, 0x41]))).toBe('A');
  expect(decodeText(new Uint8Array([0x47, 0xe4]))).toBe('Gä');
  expect(decodeText(new TextEncoder().encode('Gä'))).toBe('Gä');
});

test('a book goes out as a table and comes back with the same accounts and balances', () => {
  const book: Book = { ...ternIsland(), entries: [] };
  const back = bookFromTable(table(cellsToCsv(accountsToTable(book)), false), {
    ...FRAME,
    numberPlan: book.numberPlan,
  });
  const described = (of: Book) =>
    trialBalance(of, '2026-12-31').lines.map((l) => [
      l.account.number,
      l.account.name,
      l.account.type,
      l.debit,
      l.credit,
    ]);
  expect(described(back)).toEqual(described(book));
});

test('no cell is written that a spreadsheet would run', () => {
  expect(cellsToCsv([['=1+2', '+A1', '-5', '@x', 'fine']])).toBe("'=1+2,'+A1,-5,'@x,fine\n");
});

describe('a new book from a table', () => {
  const wanted = { company: COMPANY, scheme: 'current-first', numberPlan: 'four-digit' };

  it('leaves the second account of a number without one, and says which number it was', () => {
    const read = table('Nr,Name,Type\n1010,Bank,Bank\n1010,Till,Cash in hand\n');
    expect(doubledNumbers(read)).toEqual(['1010']);
    const made = newBookFromTable(read, wanted, 'debit-positive');
    expect(made.accounts.map(({ number, name }) => [number, name])).toEqual([
      ['1010', 'Bank'],
      [null, 'Till'],
      ['3100', 'Retained earnings'],
    ]);
    expect(faultsOfBook(made)).toEqual([]);
  });

  it('keeps the account for profits kept that the table has', () => {
    const read = table('Nr,Name,Type\n3100,Profits of old,Retained earnings\n');
    expect(newBookFromTable(read, wanted, 'debit-positive').accounts).toHaveLength(1);
  });

  it('gives the one that it adds an id and a number of its own', () => {
    const read = table('Nr,Name,Type\n3100,Retained earnings,Reserve\n');
    const made = newBookFromTable(read, wanted, 'debit-positive');
    expect(made.accounts.map(({ id, number }) => [id, number])).toEqual([
      ['retained-earnings', '3100'],
      ['retained-earnings-2', null],
    ]);
  });
});
