export { emptyStart } from './empty-start.js';
export { givenToStudents } from './own-ids.js';
export { FAULT_KINDS, type FaultKind } from './plant-faults.js';
export { randomFrom, shuffled } from '../../model/chance/random.js';
export {
  START_KINDS,
  startingPoint,
  proposedAim,
  USUAL_TOTAL,
  usualPoints,
  type Planting,
  type StartKind,
} from './starting-point.js';
