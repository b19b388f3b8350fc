import { id } from './account.js';
import { quantity } from './quantity.js';
import { record } from '../shape/record.js';
import { orNull, text, type ValueOf } from '../shape/shape.js';

/** What a tax code does where a line of a document has it. */
export const taxRuleShape = record({
  /** One of the company’s tax codes. */
  code: text(60),
  /** Percent, in thousandths of one; 0: nothing is charged, and the return tells it all the same. */
  rate: quantity,
  /** Where its tax stands, owed and to be had back; null: none is chosen yet. */
  account: orNull(id),
});

export type TaxRule = ValueOf<typeof taxRuleShape>;
