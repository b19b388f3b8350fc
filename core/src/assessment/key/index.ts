export {
  type Accepted,
  acceptedFor,
  type AnswerKey,
  aimOf,
  usualAim,
  keyOf,
  type StatementDate,
} from './answer-key.js';
export { keyChanges } from './key-changes.js';
export { keyFromJson, keyToJson, keyOfRules, readKey, writeKey } from './read-key.js';
export { type EntryPair } from './pair-entries.js';
export { pairedEntries } from './paired-entries.js';
export type { HandPair } from './recognise.js';
export { latestDate } from './flatten.js';
export { standingRules } from './standing-rules.js';
