export { minorDigits, sum, type Amount } from './amount.js';
export { otherSide, sideOf, signOf, type Side } from './side.js';
export { QUANTITY_DIGITS } from './quantity.js';
export { parseAmount } from './parse-amount.js';
export {
  allWhole,
  amountSaid,
  amountTyped,
  amountWritten,
  formatAmount,
  formatDecimal,
  quantitySaid,
} from './format-amount.js';
export type { AmountWriting } from './amount-marks.js';
