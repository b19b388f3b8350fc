import type { Dealings } from '../book/book.js';
import type { Amount } from '../money/amount.js';
import { proportion, worthOf, type Quantity } from '../money/quantity.js';
import type { Document, DocumentKind, DocumentLine } from '../shape/document.js';
import type { Item } from '../shape/item.js';

/** What there is of an item. */
interface Standing {
  readonly quantity: Quantity;
  /** Minor units, at average cost. */
  readonly value: Amount;
}

/** What a document does to the stock of an item: its cost (of goods out), or what a count changes. */
type StockMoves = ReadonlyMap<string, Amount>;

export interface StockCourse {
  /** By document, then by item; minor units. */
  readonly moves: ReadonlyMap<string, StockMoves>;
  /** By item, after all of it. */
  readonly standing: ReadonlyMap<string, Standing>;
  /** Documents by which more went out than there was. */
  readonly beyond: readonly { readonly document: string; readonly item: string }[];
}

const MOVING: ReadonlySet<DocumentKind> = new Set(['goods-in', 'goods-out', 'stock-count']);

/** In order of the day; of one day, in the order in which they stand. */
export const inOrder = (documents: readonly Document[]): readonly Document[] =>
  [...documents].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));

/** What a line is worth: its amount, or so many at its price; minor units. */
export const lineWorth = ({ amount, quantity, price }: DocumentLine): Amount =>
  amount ?? worthOf(quantity ?? 0, price ?? 0);

interface Stock {
  quantity: Quantity;
  value: Amount;
  /** What one cost when there last was any. */
  lastCost: Amount;
  /** What the books say of it, in periodic books: since the last count. */
  booked: Amount;
}

const costOf = (stock: Stock, quantity: Quantity): Amount => {
  if (stock.quantity <= 0) return worthOf(quantity, stock.lastCost);
  if (quantity === stock.quantity) return stock.value;
  return proportion(stock.value, quantity, stock.quantity);
};

function comesIn(stock: Stock, quantity: Quantity, worth: Amount): void {
  stock.quantity += quantity;
  stock.value += worth;
  if (quantity > 0) stock.lastCost = proportion(worth, 1000, quantity);
}

function goesOut(stock: Stock, quantity: Quantity): Amount {
  const cost = costOf(stock, quantity);
  if (stock.quantity > 0) stock.lastCost = proportion(stock.value, 1000, stock.quantity);
  stock.quantity -= quantity;
  stock.value -= cost;
  return cost;
}

function isCounted(stock: Stock, quantity: Quantity, isPeriodic: boolean): Amount {
  const value = costOf(stock, quantity);
  const change = value - (isPeriodic ? stock.booked : stock.value);
  Object.assign(stock, { quantity, value, booked: value });
  return change;
}

const openingOf = (item: Item): Stock => ({
  quantity: item.openingQuantity,
  value: item.openingValue,
  lastCost:
    item.openingQuantity > 0
      ? proportion(item.openingValue, 1000, item.openingQuantity)
      : (item.cost ?? 0),
  booked: item.openingValue,
});

/** The course of the stock in a book's documents: only the order of goods in and goods out decides the average cost. */
export function stockCourse(
  { items, documents, inventory }: Dealings,
  until?: string,
): StockCourse {
  const stocks = new Map(items.map((item) => [item.id, openingOf(item)]));
  const isPeriodic = inventory === 'periodic';
  const beyond: { document: string; item: string }[] = [];
  const moved = (document: Document, stock: Stock, line: DocumentLine): Amount => {
    const quantity = line.quantity ?? 0;
    if (document.kind === 'stock-count') return isCounted(stock, quantity, isPeriodic);
    if (document.kind === 'goods-in') {
      comesIn(stock, quantity, lineWorth(line));
      return 0;
    }
    if (isPeriodic) return 0;
    if (quantity > stock.quantity) beyond.push({ document: document.id, item: line.item ?? '' });
    return goesOut(stock, quantity);
  };
  const moves = new Map<string, Map<string, Amount>>();
  for (const document of inOrder(documents)) {
    if (!MOVING.has(document.kind) || (until !== undefined && document.date > until)) continue;
    const own = new Map<string, Amount>();
    for (const line of document.lines) {
      const stock = stocks.get(line.item ?? '');
      if (stock && line.item !== null)
        own.set(line.item, (own.get(line.item) ?? 0) + moved(document, stock, line));
    }
    moves.set(document.id, own);
  }
  return { moves, standing: stocks, beyond };
}
