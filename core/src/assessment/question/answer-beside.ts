import type { Big } from 'big.js';
import type { Book } from '../../model/book/book.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import type { RightAnswer } from './right-answer.js';

/** What an answer is laid beside. */
export interface AnswerBeside {
  readonly question: Question;
  readonly right: RightAnswer;
  readonly key: Book;
  readonly work: Book;
  /** The key’s accounts that an account of the work stands for. */
  readonly keysOf: (work: string) => readonly string[];
  /** A figure of the key’s book that a formula names. */
  readonly figure: (says: string) => Big | null;
}
