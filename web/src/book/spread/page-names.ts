import { statementName, type Book } from '@gleddo/core';

/** What the two pages of a book are called. */
export const pageNames = ({ scheme }: Book): readonly [string, string] => [
  statementName(scheme, 'balance-sheet'),
  statementName(scheme, 'profit-and-loss'),
];
