import { id } from './account.js';
import { quantity } from './quantity.js';
import { record } from '../shape/record.js';
import { amount, oneOf, type ValueOf } from '../shape/shape.js';

/**
 * Goods and their invoice, of which one is there and the other is not: received, the invoice to come; invoiced, the
 * goods to come. Below zero: gone back, the credit note to come; credited, the goods still to go back.
 */
export const openGoodsShape = record({
  item: id,
  party: id,
  is: oneOf(['received', 'invoiced'] as const),
  quantity,
  /** What they came in at, or were invoiced at: minor units, of the quantity’s sign. */
  worth: amount,
});

export type OpenGoods = ValueOf<typeof openGoodsShape>;
