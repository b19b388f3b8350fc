import type { Subledgers } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { proportion, worthOf, type Quantity } from '../../model/money/quantity.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { Item } from '../../model/shapes/item.js';
import type { OpenGoods } from '../../model/shapes/open-goods.js';
import { taxed } from './document-tax.js';
import { OpenGoodsOf, type Lot } from './open-goods.js';

/** What there is of an item. */
interface Standing {
  readonly quantity: Quantity;
  /** Minor units, at average cost. */
  readonly value: Amount;
}

/** What a document does with an item, debit positive, minor units. */
interface StockMove {
  /** To what lies in stock (in periodic books, to purchases). */
  readonly stock: Amount;
  /** To the cost of what has left. */
  readonly cost: Amount;
  /** To goods received whose invoice is to come. */
  readonly received: Amount;
  /** To goods invoiced that are to come. */
  readonly invoiced: Amount;
  /** To the account of price differences, where the company has one. */
  readonly difference: Amount;
}

type StockMoves = ReadonlyMap<string, StockMove>;

/** That more went out than was there: so many are short since. */
export interface Short {
  readonly document: string;
  readonly item: string;
  readonly quantity: Quantity;
}

export interface StockCourse {
  /** By document, then by item. */
  readonly moves: ReadonlyMap<string, StockMoves>;
  /** By item, after all of it. */
  readonly standing: ReadonlyMap<string, Standing>;
  /** Documents by which more went out than there was. */
  readonly beyond: readonly Short[];
  /** Goods and invoices of which one waits for the other, after all of it. */
  readonly open: readonly OpenGoods[];
}

/** In order of the day; of one day, in the order in which they stand. */
export const inOrder = (documents: readonly Document[]): readonly Document[] =>
  [...documents].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));

/** What a line is worth: its amount, or so many at its price; minor units. */
export const lineWorth = ({ amount, quantity, price }: DocumentLine): Amount =>
  amount ?? worthOf(quantity ?? 0, price ?? 0);

interface Ways {
  readonly isPeriodic: boolean;
  /** Whether what an invoice differs by has an account of its own. */
  readonly hasDifferences: boolean;
}

/** An item’s way through a book’s documents. */
class Stock {
  quantity: Quantity;
  value: Amount;
  /** What one cost when there last was any. */
  private lastCost: Amount;
  /** What the books say of it, in periodic books: since the last count. */
  private booked: Amount;
  readonly open: OpenGoodsOf;
  private move = { stock: 0, cost: 0, received: 0, invoiced: 0, difference: 0 };

  constructor(
    item: Item,
    open: readonly OpenGoods[],
    private readonly ways: Ways,
  ) {
    this.quantity = item.openingQuantity;
    this.value = this.booked = item.openingValue;
    this.lastCost =
      item.openingQuantity > 0
        ? proportion(item.openingValue, 1000, item.openingQuantity)
        : (item.cost ?? 0);
    this.open = new OpenGoodsOf(item.id, open);
  }

  /** What was done since it was last asked. */
  moved(): StockMove {
    const { move } = this;
    this.move = { stock: 0, cost: 0, received: 0, invoiced: 0, difference: 0 };
    return move;
  }

  private worth(amount: Amount): void {
    this.value += amount;
    this.move.stock += amount;
  }

  /** Moves worth from the stock into the cost of what has left. */
  private used(amount: Amount): void {
    this.worth(-amount);
    this.move.cost += amount;
  }

  /** An item with no pieces has no worth. */
  private emptied(): void {
    if (this.quantity === 0 && this.value !== 0) this.used(this.value);
  }

  private costOf(quantity: Quantity): Amount {
    if (this.quantity <= 0) return worthOf(quantity, this.lastCost);
    if (quantity === this.quantity) return this.value;
    return proportion(this.value, quantity, this.quantity);
  }

  /** Goods come from a supplier: those invoiced before at what they were invoiced at. */
  comesIn(party: string, lot: Lot): void {
    const { open, left } = this.open.match(party, { is: 'invoiced', sign: 1 }, lot);
    this.open.wait(party, { is: 'received', sign: 1 }, left);
    this.move.invoiced -= open.worth;
    this.move.received -= left.worth;
    this.lies({ quantity: lot.quantity, worth: open.worth + left.worth });
  }

  private lies({ quantity, worth }: Lot): void {
    const short = Math.min(Math.max(0, -this.quantity), quantity);
    // What went out before it was here went at what one cost last: now it is known what it cost.
    const wrong =
      short > 0
        ? proportion(worth, short, quantity) - proportion(-this.value, short, -this.quantity)
        : 0;
    this.quantity += quantity;
    this.worth(worth);
    this.used(wrong);
    if (quantity > 0) this.lastCost = proportion(worth, 1000, quantity);
    this.emptied();
  }

  /** Goods go back to their supplier: those not invoiced yet as they came, those credited before without a worth of their own. */
  goesBack(party: string, lot: Lot): void {
    const ofReceived = this.open.match(party, { is: 'received', sign: 1 }, lot);
    const ofCredited = this.open.match(party, { is: 'invoiced', sign: -1 }, ofReceived.left);
    this.open.wait(party, { is: 'received', sign: -1 }, ofCredited.left);
    const worth = ofReceived.open.worth + ofCredited.left.worth;
    this.move.received += worth;
    this.quantity -= lot.quantity;
    this.worth(-worth);
    this.emptied();
  }

  /** A supplier asks for a price: of goods that came, of others that are to come. */
  isInvoiced(party: string, lot: Lot): void {
    const { own, open, left } = this.open.match(party, { is: 'received', sign: 1 }, lot);
    this.open.wait(party, { is: 'invoiced', sign: 1 }, left);
    this.move.received += open.worth;
    this.move.invoiced += left.worth;
    this.costs({ quantity: own.quantity, worth: own.worth - open.worth });
  }

  /** A supplier takes a price back: of goods that were to come, that went back, or that stay and so cost less. */
  isCredited(party: string, lot: Lot): void {
    const ofInvoiced = this.open.match(party, { is: 'invoiced', sign: 1 }, lot);
    const ofReturned = this.open.match(party, { is: 'received', sign: -1 }, ofInvoiced.left);
    const { left } = ofReturned;
    this.open.wait(party, { is: 'invoiced', sign: -1 }, left);
    this.move.invoiced -= ofInvoiced.open.worth;
    this.move.received -= ofReturned.open.worth;
    const open = ofInvoiced.open.worth + ofReturned.open.worth;
    this.costs({ quantity: lot.quantity, worth: open - lot.worth });
  }

  /** So much more for so many: for those that still lie there, the rest for those that have left. */
  private costs({ quantity, worth }: Lot): void {
    if (worth === 0) return;
    if (this.ways.hasDifferences) {
      this.move.difference += worth;
      return;
    }
    const there = Math.min(Math.max(0, this.quantity), quantity);
    this.worth(worth);
    this.used(worth - (there === quantity ? worth : proportion(worth, there, quantity)));
  }

  goesOut(quantity: Quantity): void {
    if (this.ways.isPeriodic) return;
    const cost = this.costOf(quantity);
    if (this.quantity > 0) this.lastCost = proportion(this.value, 1000, this.quantity);
    this.quantity -= quantity;
    this.used(cost);
    this.emptied();
  }

  isCounted(quantity: Quantity): void {
    const value = this.costOf(quantity);
    const change = value - (this.ways.isPeriodic ? this.booked : this.value);
    this.quantity = quantity;
    this.value = this.booked = value;
    this.move.stock += change;
    this.move.cost -= change;
  }
}

const HAPPENS: Readonly<
  Partial<Record<Document['kind'], (stock: Stock, line: DocumentLine, party: string) => void>>
> = {
  'goods-in': (stock, line, party) =>
    (line.quantity ?? 0) < 0
      ? stock.goesBack(party, { quantity: -(line.quantity ?? 0), worth: -lineWorth(line) })
      : stock.comesIn(party, { quantity: line.quantity ?? 0, worth: lineWorth(line) }),
  'supplier-invoice': (stock, line, party) =>
    stock.isInvoiced(party, { quantity: line.quantity ?? 0, worth: lineWorth(line) }),
  'credit-note': (stock, line, party) =>
    stock.isCredited(party, { quantity: line.quantity ?? 0, worth: lineWorth(line) }),
  'goods-out': (stock, line) => stock.goesOut(line.quantity ?? 0),
  'stock-count': (stock, line) => stock.isCounted(line.quantity ?? 0),
};

const added = (one: StockMove | undefined, other: StockMove): StockMove =>
  one === undefined
    ? other
    : {
        stock: one.stock + other.stock,
        cost: one.cost + other.cost,
        received: one.received + other.received,
        invoiced: one.invoiced + other.invoiced,
        difference: one.difference + other.difference,
      };

/** The items when the books begin, each with its goods that wait for their invoice. */
function stocksOf(
  { items, posting, openGoods }: Subledgers,
  isPeriodic: boolean,
): ReadonlyMap<string, Stock> {
  const ways = { isPeriodic, hasDifferences: posting.priceDifference !== null };
  const waiting = new Map<string, OpenGoods[]>();
  for (const row of openGoods) {
    const own = waiting.get(row.item);
    if (own) own.push(row);
    else waiting.set(row.item, [row]);
  }
  return new Map(items.map((item) => [item.id, new Stock(item, waiting.get(item.id) ?? [], ways)]));
}

/**
 * The course of the stock in a book’s documents, at average cost, with the invoices of suppliers: what they differ by from
 * what the goods came in at belongs to what lies there and to what has left (IAS 2.10 to 2.11, 2.25).
 */
export function stockCourse(subledgers: Subledgers, until?: string): StockCourse {
  const { documents, parties, inventory, taxes } = subledgers;
  const isPeriodic = inventory === 'periodic';
  const stocks = stocksOf(subledgers, isPeriodic);
  const customers = new Set(parties.flatMap(({ id, kind }) => (kind === 'customer' ? [id] : [])));
  const beyond: Short[] = [];
  const moves = new Map<string, Map<string, StockMove>>();
  for (const document of inOrder(documents)) {
    const happens = HAPPENS[document.kind];
    const party = document.party ?? '';
    if (!happens || (until !== undefined && document.date > until)) continue;
    if (document.kind === 'credit-note' && customers.has(party)) continue;
    const own = new Map<string, StockMove>();
    for (const line of taxed(document, taxes, lineWorth).net.lines) {
      const stock = stocks.get(line.item ?? '');
      if (!stock || line.item === null) continue;
      happens(stock, line, party);
      own.set(line.item, added(own.get(line.item), stock.moved()));
      if (document.kind === 'goods-out' && (line.quantity ?? 0) > 0 && stock.quantity < 0)
        beyond.push({ document: document.id, item: line.item, quantity: -stock.quantity });
    }
    moves.set(document.id, own);
  }
  return {
    moves,
    standing: new Map(
      [...stocks].map(([id, { quantity, value }]) => [id, { quantity, value }] as const),
    ),
    beyond,
    open: [...stocks.values()].flatMap(({ open }) => open.rows),
  };
}
