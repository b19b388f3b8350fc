export {
  instructorLetterOf,
  isPressing,
  letterOf,
  type InstructorNews,
  type Letter,
  type LetterNews,
  type LetterTo,
} from './letter.js';
