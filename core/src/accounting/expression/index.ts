export { bookScope, majorOf, type AskedPeriod } from './book-scope.js';
export { evaluate, type Scope, type Value } from './evaluate.js';
export { readExpression } from './expression.js';
