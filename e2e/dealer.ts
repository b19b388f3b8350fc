import { expect, type Page } from '@playwright/test';
import { ask } from './exercise-steps.js';
import { comeInAs } from './people.js';

export const ACCOUNTS = [
  { id: 'bank', number: '1010', name: 'Bank', type: 'bank' },
  { id: 'debtors', number: '1100', name: 'Garden centres', type: 'trade-receivables' },
  { id: 'stock', number: '1200', name: 'Plants for sale', type: 'inventory' },
  { id: 'prepaid', number: '1300', name: 'Prepaid rent', type: 'prepayment' },
  { id: 'creditors', number: '2010', name: 'Suppliers', type: 'trade-payables' },
  {
    id: 'unbilled',
    number: '2020',
    name: 'Goods received, not invoiced',
    type: 'goods-received-not-invoiced',
  },
  { id: 'capital', number: '3010', name: 'Share capital', type: 'share-capital' },
  { id: 'kept', number: '3100', name: 'Retained earnings', type: 'retained-earnings' },
  { id: 'sales', number: '4010', name: 'Plants sold', type: 'goods-sales' },
  { id: 'taken-back', number: '4090', name: 'Returns and discounts', type: 'returns-given' },
  { id: 'cost', number: '5010', name: 'Cost of plants sold', type: 'cost-of-goods-sold' },
  { id: 'rent', number: '6010', name: 'Rent', type: 'premises' },
  { id: 'interest', number: '8510', name: 'Loan interest', type: 'interest-paid' },
];

/** A dealer in plants, with a supplier, a customer and an item; nothing has happened yet. */
const dealerBook = (name: string) => ({
  format: 'gleddo-book',
  version: 1,
  company: { name, firstDay: '2027-01-01', currency: 'EUR', periods: 12, legalForm: 'company' },
  scheme: 'current-first',
  numberPlan: 'four-digit',
  accounts: ACCOUNTS,
  opening: {
    date: '2026-12-31',
    balances: [
      { account: 'bank', debit: '16000.00' },
      { account: 'capital', credit: '16000.00' },
    ],
  },
  entries: [],
  parties: [
    { id: 'hazel', kind: 'supplier', name: 'Hazel Growers' },
    { id: 'fern', kind: 'customer', name: 'Fern and Stile' },
  ],
  items: [
    {
      id: 'lavender',
      name: 'Lavender',
      unit: 'pcs',
      price: '9.00',
      cost: '5.00',
      incomeAccount: 'sales',
      costAccount: 'cost',
      stockAccount: 'stock',
    },
  ],
});

/** What happened at the dealer in February, and the rent of a month used up. */
export const FEBRUARY = {
  posting: { receivables: 'debtors', payables: 'creditors', goodsReceived: 'unbilled' },
  documents: [
    {
      id: 'in',
      kind: 'goods-in',
      date: '2027-02-03',
      party: 'hazel',
      lines: [{ item: 'lavender', quantity: '10', price: '5.00' }],
    },
    {
      id: 'sold',
      kind: 'customer-invoice',
      date: '2027-02-05',
      party: 'fern',
      lines: [{ item: 'lavender', quantity: '10', price: '9.00' }],
    },
  ],
  schedules: [
    {
      id: 'yard',
      kind: 'prepayment',
      text: 'Rent used up',
      debit: 'rent',
      credit: 'prepaid',
      total: '300.00',
      rows: [{ date: '2027-02-28', amount: '300.00', made: true }],
    },
  ],
};

/** The dealer's book, a part of it open before the instructor. */
export async function openDealer(
  page: Page,
  name: string,
  { part, more = {} }: { readonly part: string; readonly more?: object | undefined },
): Promise<void> {
  await comeInAs(page, 'Ruth Marsh');
  const made = await ask(page, 'companies', { book: { ...dealerBook(name), ...more } });
  await page.goto(`/companies/${String(made['bookId'])}/${part}`);
  await expect(page.getByRole('heading', { name })).toBeVisible();
}
