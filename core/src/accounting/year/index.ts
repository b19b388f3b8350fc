export { closingEntries, takersOfProfit } from './closing.js';
export { nextYear } from './next-year.js';
