export {
  earnedOf,
  hintsFor,
  nextHint,
  type Hint,
  type HintAbout,
  type HintsSoFar,
} from './next-hint.js';
