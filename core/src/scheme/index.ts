export * from './scheme.js';
export { CATALOGUE } from './catalogue.js';
export { SHIPPED_SCHEMES, shippedScheme } from './shipped-schemes.js';
export { otherwiseSays } from './otherwise.js';
