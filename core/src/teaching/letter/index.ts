export { letterOf, type Letter, type LetterNews } from './letter.js';
