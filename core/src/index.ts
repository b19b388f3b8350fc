// The one door of the core. What is not named by these folders' own doors stays inside.
export * from './refusal/refusal.js';
export * from './money/index.js';
export * from './scheme/index.js';
export * from './numbering/index.js';
export * from './book/index.js';
export * from './operation/index.js';
export * from './placing/index.js';
export * from './ledger/index.js';
export * from './statement/index.js';
export * from './key/index.js';
export * from './cause/index.js';
export * from './check/index.js';
export * from './mark/index.js';
export * from './table/index.js';
export * from './survey/index.js';
export * from './start/index.js';
export * from './demo/index.js';
