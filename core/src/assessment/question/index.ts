export { filledWords, wordsBy } from './fill-words.js';
export { figureText, judgeAnswer } from './judge-answer.js';
export { proposedQuestions, type ProposedQuestion } from './propose.js';
export { keyScope, rightAnswer } from './right-answer.js';
