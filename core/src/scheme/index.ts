export * from './scheme.js';
export { CATALOGUE } from './catalogue.js';
export { SHIPPED_SCHEMES } from './shipped-schemes.js';
export {
  inWords,
  isShipped,
  lineNameIn,
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
export * from './scheme-faults.js';
export * from './scheme-edits.js';
