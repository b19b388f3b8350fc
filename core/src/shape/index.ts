export { LARGEST_BOOK } from './book-file.js';
export { isVisible } from './visible.js';
export { withoutEval } from './without-eval.js';
