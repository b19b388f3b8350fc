export { nearType } from './near-types.js';
export { proposalToJson, proposedBook } from './proposed-book.js';
export {
  NO_EDITS,
  sentenceNames,
  withEdits,
  type ProblemEdits,
  type SaidEntry,
  type SaidLine,
} from './edits.js';
export { problemExercise } from './problem-exercise.js';
export {
  LONGEST_PROBLEM,
  propose,
  type Proposal,
  type ProposedEntry,
  type ProposedSentence,
} from './propose.js';
