export { principleInEntry } from './in-entry.js';
export { kindOfAccount, type KindOfAccount } from './kind-of-account.js';
export { principleById, type PrincipleId } from './principles.js';
export { whyOfEntry } from './why-of-entry.js';
