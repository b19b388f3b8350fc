import type { Amount } from '../../model/money/amount.js';
import { proportion, type Quantity } from '../../model/money/quantity.js';
import type { OpenGoods } from '../../model/shapes/open-goods.js';

/** Some of an item, and what it is worth: both of one sign. */
export interface Lot {
  readonly quantity: Quantity;
  readonly worth: Amount;
}

/** What of a lot fits something that was open: as what it came, and at what it stood. */
interface Matched {
  /** Of the lot itself. */
  readonly own: Lot;
  /** What was open of it, at what it was open. */
  readonly open: Lot;
}

/** Which of what is open. */
interface OfOpen {
  readonly is: OpenGoods['is'];
  readonly sign: 1 | -1;
}

const partOf = ({ quantity, worth }: Lot, part: Quantity): Lot => ({
  quantity: part,
  worth: part === quantity ? worth : proportion(worth, part, quantity),
});

const less = (one: Lot, other: Lot): Lot => ({
  quantity: one.quantity - other.quantity,
  worth: one.worth - other.worth,
});

const plus = (one: Lot, other: Lot): Lot => ({
  quantity: one.quantity + other.quantity,
  worth: one.worth + other.worth,
});

const NOTHING: Lot = { quantity: 0, worth: 0 };

const queueOf = (party: string, { is, sign }: OfOpen): string => JSON.stringify([party, is, sign]);

/** Goods of one item and their invoices, supplier by supplier, of which one waits for the other: the oldest first. */
export class OpenGoodsOf {
  readonly #queues = new Map<string, OpenGoods[]>();

  constructor(
    private readonly item: string,
    rows: readonly OpenGoods[],
  ) {
    for (const row of rows) this.#push(row);
  }

  get rows(): readonly OpenGoods[] {
    return [...this.#queues.values()].flat();
  }

  #push(row: OpenGoods): void {
    const name = queueOf(row.party, { is: row.is, sign: row.quantity < 0 ? -1 : 1 });
    const queue = this.#queues.get(name);
    if (queue) queue.push(row);
    else this.#queues.set(name, [row]);
  }

  /**
   * Matches a lot, over zero, with what is open of one kind and sign, the oldest first; answers what was matched of it, what
   * that stood at, and what is left.
   */
  match(party: string, of: OfOpen, lot: Lot): Matched & { readonly left: Lot } {
    const queue = this.#queues.get(queueOf(party, of)) ?? [];
    let left = lot;
    let open = NOTHING;
    for (let row = queue[0]; row && left.quantity > 0; row = queue[0]) {
      const there = { quantity: of.sign * row.quantity, worth: of.sign * row.worth };
      const taken = partOf(there, Math.min(there.quantity, left.quantity));
      left = less(left, partOf(left, taken.quantity));
      open = plus(open, taken);
      const rest = less(there, taken);
      if (rest.quantity === 0) queue.shift();
      else queue[0] = { ...row, quantity: of.sign * rest.quantity, worth: of.sign * rest.worth };
    }
    return { own: less(lot, left), open, left };
  }

  /** From now on this is open, too. */
  wait(party: string, { is, sign }: OfOpen, { quantity, worth }: Lot): void {
    if (quantity === 0) return;
    this.#push({ item: this.item, party, is, quantity: sign * quantity, worth: sign * worth });
  }
}
