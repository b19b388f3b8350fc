import type { AssignmentPurpose } from '../../model/shapes/subledgers.js';

/** What the accounts that documents use stand for. */
export const POSTING_NAMES: Readonly<Record<AssignmentPurpose, string>> = {
  receivables: 'What customers owe',
  payables: 'What suppliers are owed',
  goodsReceived: 'Goods received, not invoiced',
  goodsInvoiced: 'Goods invoiced, not received yet',
  priceDifference: 'Invoices at another price (else the goods cost it)',
  discountGiven: 'Discount given for prompt payment',
  discountTaken: 'Discount taken for prompt payment',
  returnsGiven: 'Sales taken back',
  returnsTaken: 'Purchases sent back, in periodic books (else they lower purchases)',
  stockChange: 'Change of stock',
};
