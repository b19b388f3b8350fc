import { id } from './account.js';
import { quantity } from './quantity.js';
import { record } from '../shape/record.js';
import { amount, orNull, text, usually, type ValueOf } from '../shape/shape.js';

/** A thing in stock, and the accounts that it moves. */
export const itemShape = record({
  id,
  name: text(120),
  /** What it is counted in: `pcs`, `kg`. */
  unit: usually(text(20), ''),
  /** For one, minor units; what it is sold for, what it costs; null while unknown. */
  price: orNull(amount),
  cost: orNull(amount),
  incomeAccount: orNull(id),
  /** Cost of sales in perpetual books; purchases in periodic ones. */
  costAccount: orNull(id),
  stockAccount: orNull(id),
  /** What lies in stock when the books begin: how many, and their value in minor units. */
  openingQuantity: usually(quantity, 0),
  openingValue: usually(amount, 0),
});

export type Item = ValueOf<typeof itemShape>;
