export {
  type Account,
  accountLabel,
  accountOf,
  type Book,
  type Company,
  type Entry,
  ENTRY_KINDS,
  type EntryKind,
  LEGAL_FORMS,
  type LegalForm,
  openingOf,
} from './book.js';
export {
  chartOf,
  NOT_PLACED,
  sectionIdOf,
  sectionOfAccount,
  takenNumbers,
  unfolded,
} from './place.js';
export { type TaxRule } from '../shapes/tax-rule.js';
export { NO_TAX_LISTS, type TaxItem, type TaxListName, type TaxLists } from './tax-lists.js';
export { subledgersOf } from './subledgers.js';
export {
  type InventorySystem,
  type AccountAssignment,
  type AssignmentPurpose,
} from '../shapes/subledgers.js';
export {
  type Document,
  DOCUMENT_KINDS,
  type DocumentKind,
  type DocumentLine,
} from '../shapes/document.js';
export { type Item } from '../shapes/item.js';
export { type Party, type PartyKind } from '../shapes/party.js';
export { type Schedule, SCHEDULE_KINDS, type ScheduleKind } from '../shapes/schedule.js';
export { type Particulars, particularsOf } from '../shapes/account.js';
export { madeUpParticulars } from './made-up-particulars.js';
export { account, newBook, slugOf, type NewBook } from './new-book.js';
export { originsSince, type Origin } from './since-start.js';
export { faultsOfPlan } from './read-classification.js';
export { bookTooLarge } from './book-faults.js';
export { isUsed } from './used.js';
export type { Line } from '../shapes/entry.js';
