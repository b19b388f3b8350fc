export { emptyStart } from './empty-start.js';
export { givenToStudents } from './own-ids.js';
export { FAULT_KINDS, type FaultKind } from './plant-faults.js';
export { randomFrom, shuffled } from '../../model/chance/random.js';
export {
  START_KINDS,
  startingPoint,
  usualKeyRules,
  usualPoints,
  type Planting,
  type StartKind,
} from './starting-point.js';
