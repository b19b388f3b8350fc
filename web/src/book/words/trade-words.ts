// Fetched by itself, once what is read stands: see use-trade-words.ts.
export { glossary } from '@gleddo/core';
