export { givenToStudents, withOwnIds } from './own-ids.js';
export { FAULT_KINDS, plantFaults, type FaultKind } from './plant-faults.js';
export { proposedBrief } from './proposed-brief.js';
export {
  START_KINDS,
  startingPoint,
  usualPoints,
  type Planting,
  type StartKind,
} from './starting-point.js';
