import type { ColumnKind, SignConvention } from '@gleddo/core';

/** What columns of a table hold, as they are called. */
export const KIND_NAMES: Readonly<Record<ColumnKind, string>> = {
  number: 'Number',
  name: 'Name',
  type: 'Type',
  section: 'Section',
  parent: 'Parent',
  debit: 'Debit',
  credit: 'Credit',
  amount: 'Balance',
  side: 'Debit or credit',
  'opening-debit': 'Opening, debit',
  'opening-credit': 'Opening, credit',
  opening: 'Opening balance',
  state: 'In use or retired',
  note: 'Note',
  'tax-line': 'Tax line',
  'tax-code': 'Tax code',
  budget: 'Budget for the year',
};

/** What amounts above zero are, where one column has them all. */
export const SIGN_NAMES: { value: SignConvention; label: string }[] = [
  { value: 'debit-positive', label: 'debits' },
  { value: 'credit-positive', label: 'credits' },
  { value: 'normal-side', label: 'on each account’s normal side' },
  { value: 'class-side', label: 'on the side of their class' },
];
