export { LARGEST_BOOK, MOST_ACCOUNTS, MOST_ENTRIES } from './book-file.js';
export { MOST_LINES } from './entry.js';
export { jsonSchemas } from './json-schema.js';
export { isVisible, tidied } from './visible.js';
export { withoutEval } from './without-eval.js';
