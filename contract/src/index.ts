// The one door of the contract: what crosses the wire between web and server.
export * from './people.js';
export * from './companies.js';
export * from './books.js';
export * from './exercises.js';
export * from './groups.js';
export * from './tries.js';
export * from './rehearsals.js';
