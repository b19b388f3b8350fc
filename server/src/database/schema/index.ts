export * from './people.js';
export * from './groups.js';
export * from './books.js';
export * from './companies.js';
export * from './exercises.js';
export * from './tries.js';
