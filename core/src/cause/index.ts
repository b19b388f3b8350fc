export { shareOf, type Cause, type CauseKind, type Shift } from './cause.js';
export { causesOf, type Compared } from './split.js';
