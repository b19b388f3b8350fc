import { record } from '../shape/record.js';
import { list, text, type ValueOf } from '../shape/shape.js';

/** One line of a tax return, or one tax code. */
const taxItemShape = record({
  /** Short, as it is written beside an account: `4.2`, `S20`. */
  id: text(60),
  name: text(),
});

export type TaxItem = ValueOf<typeof taxItemShape>;

export const taxListShape = list(taxItemShape, 1000, 'tax lines or codes');

/** What an instructor lets accounts be given: lines of the tax return, and tax codes. */
export const taxListsShape = record({ lines: taxListShape, codes: taxListShape });

export type TaxLists = ValueOf<typeof taxListsShape>;
