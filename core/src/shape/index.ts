export { LARGEST_BOOK } from './book-file.js';
export { isVisible } from './visible.js';
export { withoutEval } from './without-eval.js';
export { guideFile, type Guide, type SheetKind, type SourceSheet, type Step } from './guide.js';
export { type OwnFigures, type Quantity } from './own-figures.js';
export { type Question, type QuestionKind } from './question.js';
export { fitting } from './shape.js';
