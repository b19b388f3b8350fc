export { bookFromJson, readBook } from './read-book.js';
export { bookToJson, compactBook, writeBook } from './write-book.js';
