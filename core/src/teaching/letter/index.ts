export { letterOf, type LetterNews } from './letter.js';
