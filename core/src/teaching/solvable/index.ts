export { solvable, type Solvable } from './solvable.js';
