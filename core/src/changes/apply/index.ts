export { type Applied, AUTHOR, type Rules } from '../operation/operation.js';
export { apply } from './apply.js';
export { intoBatch, postBatch, postsInBatches, waits } from './batch.js';
export {
  areTooMany,
  MOST_CHANGES,
  readHistoric,
  readOperations,
  tooManyOperations,
} from './read-operation.js';
export { reservedRefusals, retireNotices } from '../account-operations/retire-account.js';
export { effectsOfScheme } from '../company-operations/change-scheme.js';
export { faultsOfCompany } from '../company-operations/change-company.js';
export { operationSays } from './operation-says.js';
export { formerNames } from '../operation/former-names.js';
export { madeOfCopy } from './made-of-copy.js';
export { backBefore, booksBefore, type HistoryStep } from './moments.js';
export { changedSince, sameUndoing, standing, takeBack, type DoneStep } from './take-back.js';
export { oddDay } from '../entry-operations/entry-changes.js';
export { forEachAccount } from './for-each.js';
export { oddOpeningDate } from '../account-operations/set-opening.js';
