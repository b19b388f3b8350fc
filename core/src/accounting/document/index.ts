export { beforeDoings } from './accounts-named.js';
export { settingUp } from './set-up-assignment.js';
export { isMade } from './document-entries.js';
export { KIND_FACTS } from './document-kinds.js';
export { lineWorth, stockCourse } from './stock.js';
export { POSTING_NAMES } from './assignment-names.js';
export { taxesOf, worthOfDocument } from './document-lines.js';
export { assignmentFirst, completedAssignment, recordingOf } from './recording.js';
export { faultsOfDocument } from './document-faults.js';
