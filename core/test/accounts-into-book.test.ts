import { accountsIntoBook, apply, cellsOf, readAccountTable, type Book } from '../src/index.js';
import { SCHEME, shop } from './builder.js';

function taken(text: string) {
  const cells = cellsOf(text);
  if (!cells.ok) throw new Error('no cells');
  const table = readAccountTable(cells.value, { scheme: SCHEME, digits: 2, guessTypes: true });
  if (!table.ok) throw new Error(table.refusals[0]?.says);
  return accountsIntoBook(shop(), table.value, 'debit-positive');
}

const applied = (text: string): Book => {
  const done = apply(shop(), taken(text).operation);
  if (!done.ok) throw new Error(done.refusals[0]?.says);
  return done.value.book;
};

describe('rows pasted into a book', () => {
  it('are placed and numbered; a number that is given stays', () => {
    const { rows } = taken('Number\tName\n\tPrepaid rent\n1250\tStock of parts\n\tWages payable\n');
    expect(rows.map(({ account }) => [account.number, account.name, account.type])).toEqual([
      ['1310', 'Prepaid rent', 'prepayment'],
      ['1250', 'Stock of parts', 'inventory'],
      ['2110', 'Wages payable', 'wages-payable'],
    ]);
  });

  it('come with their opening balances, and are taken out again in one step', () => {
    const { operation } = taken('Name\tDebit\tCredit\nSupplies\t100.00\t\nLease\t\t40.00\n');
    const done = apply(shop(), operation);
    if (!done.ok) throw new Error('refused');
    expect(done.value.book.opening.balances).toMatchObject({ supplies: 10_000, lease: -4_000 });
    const undone = apply(done.value.book, done.value.inverse);
    expect(undone.ok && undone.value.book).toEqual(shop());
  });

  it('that can’t be added say why, and the others go in', () => {
    const { rows } = taken('Number\tName\n1010\tAnother bank\n1020\tTill\n');
    expect(rows[0]?.refusal).toMatch(/^Number 1010 belongs to “1010 Bank”/);
    expect(applied('Number\tName\n1010\tAnother bank\n1020\tTill\n').accounts).toHaveLength(
      shop().accounts.length + 1,
    );
  });

  it('without a telling name stay without a place', () => {
    expect(taken('Number\tName\n\tZyx\n').rows[0]?.account).toMatchObject({
      type: null,
      number: null,
    });
  });

  it('may be very many', () => {
    const text = Array.from(
      { length: 150 },
      (_, i) => `Supplies of sort ${i}\tCurrent assets`,
    ).join('\n');
    const { rows } = taken(`Name\tSection\n${text}`);
    expect(rows.filter((row) => row.refusal === null)).toHaveLength(150);
    expect(new Set(rows.map((row) => row.account.number)).size).toBe(150);
  });
});
