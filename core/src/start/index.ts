export { emptyStart } from './empty-start.js';
export { givenToStudents } from './own-ids.js';
export { FAULT_KINDS, type FaultKind } from './plant-faults.js';
export { proposedBrief } from './proposed-brief.js';
export { randomFrom, shuffled } from '../chance/random.js';
export {
  START_KINDS,
  startingPoint,
  usualPoints,
  type Planting,
  type StartKind,
} from './starting-point.js';
