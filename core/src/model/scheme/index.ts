export {
  type AccountType,
  type Activity,
  CLASS_NAMES,
  type ClassId,
  normalSide,
  type ProfitLine,
  type Role,
  type Scheme,
  type Section,
  sectionById,
  sectionOfType,
  type StatementId,
  statementOfClass,
  typeOf,
  typesOfSection,
  type Words,
  WORDS,
} from './scheme.js';
export { SHIPPED_SCHEMES } from './shipped-schemes.js';
export {
  inWords,
  isShipped,
  namesInAnyWords,
  orShipped,
  shippedScheme,
  statementName,
  WORDS_NAMES,
  wordsOf,
  writtenIn,
} from './words.js';
export { otherwiseSays } from './otherwise.js';
export { typesFound } from './types-found.js';
export { faultsOfScheme } from './scheme-faults.js';
export {
  changedSection,
  changedType,
  movedSection,
  movedType,
  renamedScheme,
  withoutSection,
  withoutType,
  withSection,
  withType,
} from './scheme-edits.js';
