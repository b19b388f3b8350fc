import {
  itemsInTable,
  listCellsOf,
  partiesInTable,
  type Book,
  type Item,
  type Party,
} from '../src/index.js';
import { subledgersOf, withSubledgers } from '../src/model/book/subledgers.js';
import { shop } from './builder.js';

function ids(): () => string {
  let next = 0;
  return () => `n${(next += 1)}`;
}

const customers = (book: Book, text: string) =>
  partiesInTable(book, listCellsOf(text), { kind: 'customer', newId: ids() });

const HARBOUR: Party = {
  ...{ id: 'harbour', kind: 'customer', name: 'Harbour Café', account: 'sales', opening: 4000 },
  terms: { discount: 2000, discountDays: 10, netDays: 30 },
};

const withParties = (...parties: Party[]): Book => {
  const book = shop();
  return withSubledgers(book, { ...subledgersOf(book), parties });
};

describe('customers from a table', () => {
  test('without headings: a name, and what is owed', () => {
    const { things, faults } = customers(shop(), 'Quay Inn\t1,250.50\n\nThe Pilot');
    expect(faults).toEqual([]);
    expect(things.map(({ thing }) => [thing.id, thing.name, thing.opening])).toEqual([
      ['n1', 'Quay Inn', 125050],
      ['n2', 'The Pilot', 0],
    ]);
    expect(things[1]?.thing.terms).toBeUndefined();
  });

  test('headings in any order; terms; one that is there is changed, and keeps what is not said', () => {
    const { things } = customers(
      withParties(HARBOUR),
      'Net days;Customer;Discount;Balance\n14;harbour café ;1,5 %;\n;Quay Inn;;90,00',
    );
    expect(things).toEqual([
      {
        ...{ row: 2, isNew: false },
        thing: {
          ...HARBOUR,
          name: 'harbour café',
          terms: { discount: 1500, discountDays: 10, netDays: 14 },
        },
      },
      {
        ...{ row: 3, isNew: true },
        thing: {
          ...{ id: 'n1', kind: 'customer', name: 'Quay Inn', account: null, opening: 9000 },
        },
      },
    ]);
  });

  test('a name with a comma in it is one name', () => {
    const { things } = customers(shop(), 'Stone, Mason & Sons\nThe Pilot');
    expect(things.map(({ thing }) => thing.name)).toEqual(['Stone, Mason & Sons', 'The Pilot']);
  });

  test('a name that stands twice is told, and taken once', () => {
    const { things, faults } = customers(shop(), 'Quay Inn\t1\nquay inn \t2');
    expect(things.map(({ thing }) => thing.opening)).toEqual([100]);
    expect(faults).toEqual([
      'Row 2: “quay inn” stands in row 1 already. Take one of them out, or name them apart.',
    ]);
  });

  test('a supplier of the same name is another', () => {
    const { things } = customers(withParties({ ...HARBOUR, kind: 'supplier' }), 'Harbour Café\t1');
    expect(things[0]?.isNew).toBe(true);
  });

  test('what can’t be read is told with its row, and the rest is taken', () => {
    const { things, faults } = customers(shop(), 'Name,Owed\nQuay Inn,a lot\n,5\nThe Pilot,5');
    expect(things.map(({ thing }) => thing.name)).toEqual(['The Pilot']);
    expect(faults).toEqual([
      expect.stringContaining('Row 2: “a lot” is not an amount.'),
      'Row 3: It has no name. Give it one, or take the row out.',
    ]);
  });
});

describe('items from a table', () => {
  const items = (book: Book, text: string) =>
    itemsInTable(book, listCellsOf(text), { newId: ids() });
  const book = shop();
  const ROPE: Item = {
    ...{ id: 'rope', name: 'Rope', unit: 'm', price: 300, cost: 120 },
    ...{ incomeAccount: 'sales', costAccount: null, stockAccount: null },
    ...{ openingQuantity: 0, openingValue: 0 },
  };

  test('a quantity is worth what it costs, unless its value is said', () => {
    const { things } = items(
      withSubledgers(book, { ...subledgersOf(book), items: [ROPE] }),
      'Item\tQuantity\tUnit cost\tValue\nRope\t2.5\t\t\nAnchor\t4\t80\t300\nBuoy\t\t12\t',
    );
    expect(
      things.map(({ isNew, thing }) => [
        ...[isNew, thing.name, thing.openingQuantity, thing.openingValue, thing.cost],
      ]),
    ).toEqual([
      [false, 'Rope', 2500, 300, 120],
      [true, 'Anchor', 4000, 30000, 8000],
      [true, 'Buoy', 0, 0, 1200],
    ]);
    expect(things[1]?.thing).toMatchObject({ unit: 'm', incomeAccount: 'sales' });
  });
});
