export * from './balances.js';
