export { minorDigits, sum, type Amount } from './amount.js';
export { otherSide, sideOf, signOf, type Side } from './side.js';
export { QUANTITY_DIGITS } from './quantity.js';
export { parseAmount } from './parse-amount.js';
export { allWhole, formatAmount, formatDecimal, shortDecimal } from './format-amount.js';
