import {
  account,
  newBook,
  shippedPlan,
  shippedScheme,
  type Account,
  type Book,
  type Company,
  type Entry,
  type Scheme,
} from '../src/index.js';

export const COMPANY: Company = {
  name: 'Heron Quay Stores',
  trade: 'Shop',
  legalForm: 'company',
  currency: 'EUR',
  firstDay: '2027-01-01',
  periods: 12,
};

export const SCHEME = shippedScheme('current-first') as Scheme;

/** An account by id, type, and what else matters to the test. */
export const acct = (id: string, type: string | null, rest: Partial<Account> = {}): Account =>
  account(id, rest.name ?? id, { type, ...rest });

/** An entry from its day and its lines, debit positive: `entry('e1', '2027-02-01', { bank: 5, hire: -5 })`. */
export const entry = (
  id: string,
  date: string,
  {
    lines,
    rest = {},
  }: { readonly lines: Record<string, number>; readonly rest?: Partial<Entry> | undefined },
): Entry => ({
  id,
  date,
  kind: 'general',
  reference: '',
  text: id,
  lines: Object.entries(lines).map(([to, amount]) => ({ account: to, amount })),
  ...rest,
});

export function book(
  accounts: readonly Account[],
  balances: Record<string, number> = {},
  entries: readonly Entry[] = [],
): Book {
  return {
    ...newBook({ company: COMPANY, scheme: 'current-first', numberPlan: 'four-digit' }),
    scheme: SCHEME,
    numberPlan: shippedPlan('four-digit'),
    accounts,
    opening: { date: '2026-12-31', balances },
    entries,
  };
}

/** A small shop in balance, with one entry of each usual sort. */
export const shop = (): Book =>
  book(
    [
      acct('bank', 'bank', { number: '1010', name: 'Bank' }),
      acct('debtors', 'trade-receivables', { number: '1100', name: 'Trade receivables' }),
      acct('prepaid', 'prepayment', { number: '1300', name: 'Prepaid insurance' }),
      acct('van', 'vehicles', { number: '1510', name: 'Van' }),
      acct('van-dep', 'accumulated-depreciation', {
        number: '1511',
        name: 'Accumulated depreciation, van',
        parent: 'van',
      }),
      acct('passes', 'deferred-income', { number: '2100', name: 'Passes paid ahead' }),
      acct('loan', 'long-term-loan', { number: '2510', name: 'Harbour loan' }),
      acct('capital', 'share-capital', { number: '3010', name: 'Share capital' }),
      acct('kept', 'retained-earnings', { number: '3100', name: 'Retained earnings' }),
      acct('sales', 'goods-sales', { number: '4010', name: 'Sales of goods' }),
      acct('insurance', 'insurance', { number: '6200', name: 'Insurance' }),
      acct('wear', 'depreciation-charge', { number: '6400', name: 'Depreciation, van' }),
    ],
    {
      bank: 500_000,
      debtors: 120_000,
      prepaid: 60_000,
      van: 900_000,
      'van-dep': -200_000,
      passes: -80_000,
      loan: -400_000,
      capital: -700_000,
      kept: -200_000,
    },
    [
      entry('sale', '2027-02-03', { lines: { debtors: 150_000, sales: -150_000 } }),
      entry('paid', '2027-02-20', { lines: { bank: 110_000, debtors: -110_000 } }),
      entry('cover', '2027-03-31', {
        lines: { insurance: 15_000, prepaid: -15_000 },
        rest: { kind: 'adjusting' },
      }),
      entry('worn', '2027-03-31', {
        lines: { wear: 25_000, 'van-dep': -25_000 },
        rest: { kind: 'adjusting' },
      }),
    ],
  );

export const change = (of: Book, id: string, rest: Partial<Account>): Book => ({
  ...of,
  accounts: of.accounts.map((each) => (each.id === id ? { ...each, ...rest } : each)),
});

export const drop = (of: Book, id: string): Book => ({
  ...of,
  accounts: of.accounts.filter((each) => each.id !== id),
});
