import { guessType } from '../src/table/guess-type.js';
import { plainName, similarity } from '../src/key/names.js';
import { shippedScheme, type Scheme } from '../src/index.js';
import { SCHEME } from './builder.js';

const american = shippedScheme('current-first', 'american') as Scheme;
const british = shippedScheme('current-first', 'british') as Scheme;

describe('the type that a name suggests', () => {
  it.each([
    ['Customer deposits', 'deferred-income'],
    ['Security deposit paid', 'deposit-paid'],
    ['Owner’s capital', 'owner-capital'],
    ['Van expenses', 'vehicle-running'],
    ['Supplies expense', 'sundry-operating'],
    ['Dividends received', 'dividends-received'],
    ['Suppliers', 'trade-payables'],
    ['Customers', 'trade-receivables'],
    ['Mortgage payable', 'long-term-loan'],
    ['Interest payable', 'accrued-expense'],
    ['Rent payable', 'accrued-expense'],
    ['Tax payable', 'income-tax-payable'],
    ['Income tax payable', 'income-tax-payable'],
    ['Wages due', 'wages-payable'],
    ['Interest receivable', 'accrued-income'],
    ['Rent receivable', 'accrued-income'],
    ['Treasury stock', 'own-shares'],
    ['Unearned fees', 'deferred-income'],
    ['Unexpired insurance', 'prepayment'],
    ['Prepaid rent', 'prepayment'],
    ['Freight out', 'carriage-out'],
    ['Owner’s draw', 'drawings'],
    ['Motor expenses', 'vehicle-running'],
    ['Common shares', 'share-capital'],
    ['Taxation', 'income-tax'],
    ['Service revenue', 'service-fees'],
    ['Fees earned', 'service-fees'],
    ['Finance charges', 'interest-paid'],
    ['Accrued charges', 'accrued-expense'],
    ['Bank overdraft', 'bank-overdraft'],
    ['Accumulated depreciation, van', 'accumulated-depreciation'],
    ['Depreciation, van', 'depreciation-charge'],
    ['Dividends payable', 'dividends-payable'],
    ['Current account', 'bank'],
    ['Sales ledger', 'trade-receivables'],
    ['Purchase ledger', 'trade-payables'],
  ])('%s: %s', (name, type) => {
    for (const scheme of [SCHEME, american, british])
      expect([name, guessType(scheme, name, null)?.id]).toEqual([name, type]);
  });
});

describe('names that mean opposite things are not alike', () => {
  it.each([
    ['Accumulated depreciation, van', 'Depreciation, van'],
    ['Wages due', 'Wages'],
    ['Loan payable', 'Loan receivable'],
    ['Interest paid', 'Interest received'],
    ['Interest payable', 'Interest receivable'],
    ['Prepaid insurance', 'Insurance'],
    ['Prepaid rent', 'Rent payable'],
    ['Carriage inwards', 'Carriage outwards'],
    ['Discounts allowed', 'Discounts received'],
    ['Opening stock', 'Closing stock'],
    ['Deposits held', 'Deposits paid'],
    ['Gain on disposal', 'Loss on disposal'],
    ['Trade debtors', 'Trade creditors'],
    ['Income tax', 'Income tax payable'],
  ])('%s / %s', (one, other) => {
    expect(similarity(plainName(one), plainName(other))).toBe(0);
    expect(similarity(plainName(other), plainName(one))).toBe(0);
  });

  it.each([
    ['Sales tax payable', 'VAT'],
    ['Wages due', 'Accrued wages'],
    ['Payable', 'Trade creditors'],
    ['Suppliers', 'Accounts payable'],
    ['Freight out', 'Carriage outwards'],
    ['Sales discounts', 'Discounts allowed'],
    ['Petrol', 'Fuel'],
    ['Unexpired insurance', 'Prepaid insurance'],
    ['Depreciation to date, van', 'Accumulated depreciation, van'],
  ])('%s = %s', (one, other) => {
    expect(similarity(plainName(one), plainName(other))).toBe(1);
  });

  it('a debt is the same with the word for what is owed, and without', () => {
    expect(similarity(plainName('Loan payable'), plainName('Bank loan'))).toBeGreaterThan(0.6);
    expect(
      similarity(plainName('Boathouse loan'), plainName('Boathouse loan, due within a year')),
    ).toBeGreaterThan(0.5);
  });
});
