export { PLACES, placeOfId } from './places.js';
export { collatorOf, PLAIN_WRITING, usualDecimal, writingOf, type Writing } from './writing.js';
