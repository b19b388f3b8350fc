export { type Cause } from './cause.js';
export { causesOf, type Compared } from './split.js';
