import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { worthOf } from '../../model/money/quantity.js';
import type { Item } from '../../model/shapes/item.js';
import type { ListRow } from '../table/read-list.js';
import { listed, type Column, type Listed } from './listed.js';

const COLUMNS = {
  name: ['name|item|items|product|article|what', 'words'],
  unit: ['unit|units|counted in|unit of measure', 'words'],
  cost: ['cost|cost of one|unit cost|purchase price|cost price', 'money'],
  price: ['price|price of one|unit price|selling price|sales price', 'money'],
  openingQuantity: ['quantity|in stock|stock|pieces|on hand|opening quantity|count', 'quantity'],
  openingValue: ['value|worth|stock value|opening value|total', 'money'],
} satisfies Record<string, Column>;

/** An item of which nothing is said but the accounts that the chart proposes, or those of the last one. */
export function blankItem(book: Book): Item {
  const { items, inventory } = subledgersOf(book);
  const first = (type: string) =>
    book.accounts.find((each) => !each.retired && each.type === type)?.id ?? null;
  const last = items.at(-1);
  const costType = inventory === 'periodic' ? 'purchases' : 'cost-of-goods-sold';
  return {
    ...{ id: '', name: '', unit: last?.unit ?? '', price: null, cost: null },
    incomeAccount: last?.incomeAccount ?? first('goods-sales'),
    costAccount: last?.costAccount ?? first(costType),
    stockAccount: last?.stockAccount ?? first('inventory'),
    ...{ openingQuantity: 0, openingValue: 0 },
  };
}

/** What a row says; a quantity without a value is worth what it costs. */
function withSaid(item: Item, { words, figures }: ListRow<keyof typeof COLUMNS>): Item {
  const said = { ...item, ...figures };
  const { openingQuantity: quantity, openingValue, cost } = figures;
  const isUnvalued = quantity !== undefined && openingValue === undefined;
  const each = cost ?? item.cost;
  return {
    ...said,
    name: words.name ?? item.name,
    unit: (words.unit ?? item.unit).slice(0, 20),
    ...(isUnvalued && each !== null ? { openingValue: worthOf(quantity, each) } : {}),
  };
}

/** The items of a table: one a row, by name; what it says of one that the book has already changes that one. */
export function itemsInTable(
  book: Book,
  cells: readonly (readonly string[])[],
  { newId }: { readonly newId: () => string },
): Listed<Item> {
  return listed(book, cells, {
    columns: COLUMNS,
    there: subledgersOf(book).items,
    blank: () => ({ ...blankItem(book), id: newId() }),
    withSaid,
  });
}
