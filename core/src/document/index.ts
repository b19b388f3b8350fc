export { entryOfDocument, isMade } from './made-entries.js';
export { KIND_FACTS } from './document-kinds.js';
export { lineWorth, stockCourse, type Standing } from './stock.js';
export { POSTING_NAMES } from './posting-names.js';
export { proposedPosting } from './proposed-posting.js';
export { worthOfDocument } from './document-lines.js';
