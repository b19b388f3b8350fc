import {
  accountsIntoBook,
  accountsToTable,
  apply,
  bookFromTable,
  readAccountTable,
  type AccountTable,
  type Book,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { faultsOfTaxLists } from '../src/model/book/tax-lists.js';
import { change, COMPANY, SCHEME, shop } from './builder.js';

const read = (cells: readonly (readonly string[])[]): AccountTable => {
  const table = readAccountTable(cells, { scheme: SCHEME, digits: 2, guessTypes: true });
  if (!table.ok) throw new Error(table.refusals[0]?.says);
  return table.value;
};

const described: Book = {
  ...change(
    change(shop(), 'bank', { description: 'The one at the quay', taxLine: '1.1' }),
    'sales',
    { taxLine: '4.2', taxCode: 'S20', budget: 1_250_050 },
  ),
  taxLists: {
    lines: [
      { id: '1.1', name: 'Cash' },
      { id: '4.2', name: 'Sales' },
    ],
    codes: [{ id: 'S20', name: 'Standard rate' }],
  },
};

describe('particulars in a table of accounts', () => {
  it('stand behind the usual columns, where an account has any', () => {
    expect(accountsToTable(shop())[0]).toHaveLength(7);
    expect(accountsToTable(described)[0]?.slice(7)).toEqual([
      'Note',
      'Tax line',
      'Tax code',
      'Budget',
    ]);
    expect(
      accountsToTable(described)
        .find(([, name]) => name === 'Sales of goods')
        ?.slice(7),
    ).toEqual(['', '4.2', 'S20', '12500.50']);
  });

  it('are the same when the table is read again, with the lists that they need', () => {
    const table = read(accountsToTable(described));
    const back = bookFromTable(table, {
      company: COMPANY,
      scheme: SCHEME,
      numberPlan: null,
      at: '2026-12-31',
    });
    const particulars = ({ accounts }: Book) =>
      Object.fromEntries(
        accounts.map(({ name, description, taxLine, taxCode, budget }) => [
          name,
          { description, taxLine, taxCode, budget },
        ]),
      );
    expect(particulars(back)).toEqual(particulars(described));
    expect(back.taxLists).toEqual({
      lines: [
        { id: '1.1', name: '1.1' },
        { id: '4.2', name: '4.2' },
      ],
      codes: [{ id: 'S20', name: 'S20' }],
    });
  });

  it('a description beside the name is the note; alone, it is the name', () => {
    const both = read([
      ['Name', 'Description', 'Debit', 'Credit'],
      ['Petty cash', 'In the drawer', '20', ''],
    ]);
    expect(both.rows[0]).toMatchObject({
      name: 'Petty cash',
      particulars: { description: 'In the drawer' },
    });
    const alone = read([
      ['No', 'Description', 'Debit', 'Credit'],
      ['1010', 'Petty cash', '20', ''],
    ]);
    expect(alone.rows[0]).toMatchObject({ name: 'Petty cash', particulars: { description: null } });
  });

  it('a budget that is no amount, and a tax code that is none, leave the row out with the reason', () => {
    const { rows, faults } = read([
      ['Name', 'Type', 'Budget', 'Tax code'],
      ['Fuel', 'Vehicle running', 'plenty', ''],
      ['Ice', 'Supplies', '', 'the usual rate of tax'],
      ['Rope', 'Supplies', '–', 'S20'],
    ]);
    expect(rows.map(({ name }) => name)).toEqual(['Rope']);
    expect(faults.map(({ says }) => says)).toEqual([
      expect.stringMatching(/^Row 2: .*plenty/),
      expect.stringMatching(/^Row 3: “the usual rate of tax” is longer than 12 characters/),
    ]);
  });

  it('pasted into a book, a tax line that it does not list is left out, and said', () => {
    const book = { ...ternIsland(), taxLists: described.taxLists };
    const { operation, rows } = accountsIntoBook(
      book,
      read([
        ['Name', 'Type', 'Tax line', 'Note', 'Budget'],
        ['Wetsuits for hire', 'Plant and equipment', '1.1', 'Twelve of them', ''],
        ['Ice creams', 'Sales of goods', '9.9', '', '800'],
      ]),
      'debit-positive',
    );
    expect(rows.map(({ lacks }) => lacks)).toEqual([
      [],
      ['The tax line 9.9 is not on the company’s list; it is left out.'],
    ]);
    const done = apply(book, operation);
    if (!done.ok) throw new Error(done.refusals[0]?.says);
    const [suits, ices] = done.value.book.accounts.slice(-2);
    expect(suits).toMatchObject({ taxLine: '1.1', description: 'Twelve of them' });
    expect(ices).toMatchObject({ taxLine: null, budget: 80_000 });
  });

  it('tax codes that differ in letter case only are one, spelled as at first', () => {
    const table = read([
      ['Name', 'Type', 'Tax code'],
      ['Ice', 'Supplies', 'S20'],
      ['Rope', 'Supplies', 's20'],
    ]);
    const frame = { company: COMPANY, scheme: SCHEME, numberPlan: null, at: '2026-12-31' };
    const made = bookFromTable(table, frame);
    expect(made.taxLists.codes).toEqual([{ id: 'S20', name: 'S20' }]);
    expect(made.accounts.map(({ taxCode }) => taxCode)).toEqual(['S20', 'S20']);
    expect(faultsOfTaxLists(made.taxLists)).toEqual([]);
    const pasted = accountsIntoBook(
      { ...ternIsland(), taxLists: made.taxLists },
      table,
      'debit-positive',
    );
    expect(pasted.rows.map(({ account, lacks }) => [account.taxCode, lacks])).toEqual([
      ['S20', []],
      ['S20', []],
    ]);
  });
});
