export * from './book.js';
export * from './place.js';
export * from './tax-lists.js';
export {
  addDays,
  addMonths,
  dayText,
  financialYearOf,
  firstYear,
  isDay,
  periodLike,
  within,
  type Period,
} from './calendar.js';
export { account, freeIdFrom, freeId, newBook, slugOf, type NewBook } from './new-book.js';
export { bookFromJson, parseJson, readBook } from './read-book.js';
export { originsSince, type Origin } from './since-start.js';
export { faultsOfPlan } from './read-classification.js';
export { bookToJson, compactBook, writeBook } from './write-book.js';
export { bookTooLarge, DEEPEST, faultsOfBook, LONGEST_NAME } from './book-faults.js';
