import { shortDecimal } from '../money/format-amount.js';
import { QUANTITY_DIGITS, type Quantity } from '../money/quantity.js';
import { amount, type Shape } from '../shape/shape.js';

/** A decimal of at most three places in a file, thousandths in memory. */
export const quantity: Shape<Quantity> = {
  value: amount.value,
  file: () => amount.file(QUANTITY_DIGITS),
  read: (json) => amount.read(json, QUANTITY_DIGITS),
  write: (kept) => shortDecimal(kept, QUANTITY_DIGITS),
};
