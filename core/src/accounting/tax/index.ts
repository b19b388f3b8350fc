export { chargingTax, notChargingTax } from './charging.js';
export { taxReturn, taxStanding, type TaxReturn } from './tax-return.js';
