export { beforeDoings } from './accounts-named.js';
export { settingUp } from './set-up-posting.js';
export { isMade } from './made-entries.js';
export { KIND_FACTS } from './document-kinds.js';
export { lineWorth, stockCourse } from './stock.js';
export { POSTING_NAMES } from './posting-names.js';
export { worthOfDocument } from './document-lines.js';
export { completedPosting, recordingOf } from './recording.js';
