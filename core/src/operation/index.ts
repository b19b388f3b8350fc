export * from './operation.js';
export { apply, CHANGES } from './apply.js';
export { readOperations } from './read-operation.js';
export { isUsed } from './account-changes.js';
export { reservedRefusals } from './retire-account.js';
export { effectsOfScheme, type SchemeEffects } from './change-scheme.js';
export { faultsOfCompany } from './change-company.js';
export { operationSays } from './operation-says.js';
export { backBefore, booksBefore, type HistoryStep } from './moments.js';
