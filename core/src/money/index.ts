export { minorDigits, sum, type Amount } from './amount.js';
export { otherSide, sideOf, signOf, type Side } from './side.js';
export { fairShares, shareOut } from './share.js';
export { QUANTITY_DIGITS } from './quantity.js';
export { parseAmount, parseDecimal } from './parse-amount.js';
export { allWhole, formatAmount, formatDecimal } from './format-amount.js';
