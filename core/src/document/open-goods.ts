import type { Amount } from '../money/amount.js';
import { proportion, type Quantity } from '../money/quantity.js';
import type { OpenGoods } from '../shape/open-goods.js';

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

/** Goods of one item and their invoices, supplier by supplier, of which one waits for the other: the oldest first. */
export class OpenGoodsOf {
  #rows: OpenGoods[];

  constructor(
    private readonly item: string,
    rows: readonly OpenGoods[],
  ) {
    this.#rows = rows.filter((row) => row.item === item);
  }

  get rows(): readonly OpenGoods[] {
    return this.#rows;
  }

  /**
   * Matches a lot with what is open of one kind and sign; answers what was matched of it, what that stood at, and what is
   * left. What is open is of one sign; the lot over zero.
   */
  match(party: string, { is, sign }: OfOpen, lot: Lot): Matched & { readonly left: Lot } {
    let left = lot;
    let open = NOTHING;
    this.#rows = this.#rows.flatMap((row) => {
      if (row.party !== party || row.is !== is || row.quantity < 0 !== sign < 0) return [row];
      const there = { quantity: sign * row.quantity, worth: sign * row.worth };
      const taken = partOf(there, Math.min(there.quantity, left.quantity));
      left = less(left, partOf(left, taken.quantity));
      open = plus(open, taken);
      const rest = less(there, taken);
      return rest.quantity === 0
        ? []
        : [{ ...row, quantity: sign * rest.quantity, worth: sign * rest.worth }];
    });
    return { own: less(lot, left), open, left };
  }

  /** From now on this is open, too. */
  wait(party: string, { is, sign }: OfOpen, { quantity, worth }: Lot): void {
    if (quantity === 0) return;
    const signed = { quantity: sign * quantity, worth: sign * worth };
    this.#rows = [...this.#rows, { item: this.item, party, is, ...signed }];
  }
}
