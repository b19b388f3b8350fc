export * from './operation.js';
export { apply, CHANGES } from './apply.js';
export {
  areTooMany,
  MOST_CHANGES,
  MOST_OPERATIONS,
  readHistoric,
  readOperations,
  tooManyOperations,
} from './read-operation.js';
export { isUsed } from './account-changes.js';
export { reservedRefusals, retireNotices } from './retire-account.js';
export { effectsOfScheme, type SchemeEffects } from './change-scheme.js';
export { faultsOfCompany } from './change-company.js';
export { operationSays } from './operation-says.js';
export { formerNames } from './former-names.js';
export { backBefore, booksBefore, type HistoryStep } from './moments.js';
export {
  changedSince,
  sameUndoing,
  standing,
  takeBack,
  type DoneStep,
  type Standing,
} from './take-back.js';
