import type { Activity } from '@gleddo/core';

/** The activities of the cash flow, as they are chosen. */
export const ACTIVITIES: readonly { readonly value: Activity; readonly label: string }[] = [
  { value: 'cash', label: 'Cash' },
  { value: 'operating', label: 'Operating' },
  { value: 'investing', label: 'Investing' },
  { value: 'financing', label: 'Financing' },
  { value: 'none', label: 'None, only for closing' },
];
