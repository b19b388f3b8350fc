import { guessType } from '../src/model/naming/guess-type.js';
import { plainName, saysTheSame, similarity } from '../src/model/naming/names.js';
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
    ['Loan payable', 'Loan receivable'],
    ['Interest paid', 'Interest received'],
    ['Interest payable', 'Interest receivable'],
    ['Prepaid rent', 'Rent payable'],
    ['Carriage inwards', 'Carriage outwards'],
    ['Discounts allowed', 'Discounts received'],
    ['Opening stock', 'Closing stock'],
    ['Deposits held', 'Deposits paid'],
    ['Gain on disposal', 'Loss on disposal'],
    ['Trade debtors', 'Trade creditors'],
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

  it.each([
    ['Accumulated depreciation, van', 'Depreciation, van'],
    ['Wages due', 'Wages'],
    ['Prepaid insurance', 'Insurance'],
    ['Income tax', 'Income tax payable'],
    ['Season passes paid ahead', 'Season passes'],
  ])('%s is what is still to come of %s: less alike', (one, other) => {
    const alike = similarity(plainName(one), plainName(other));
    expect(alike).toBeGreaterThan(0.2);
    expect(alike).toBeLessThan(0.6);
  });

  it('a debt is the same with the word for what is owed, and without', () => {
    expect(similarity(plainName('Loan payable'), plainName('Bank loan'))).toBeGreaterThan(0.6);
    expect(
      similarity(plainName('Boathouse loan'), plainName('Boathouse loan, due within a year')),
    ).toBeGreaterThan(0.5);
  });
});

describe('a name says the same as a key’s', () => {
  const says = (name: string, key: string, others: readonly string[] = []) =>
    saysTheSame(name, [key], () => others);

  it('without the word for what is still to come of it, unless another account is meant', () => {
    expect(says('Season passes', 'Season passes paid ahead')).toBe(true);
    expect(says('Depreciation, van', 'Accumulated depreciation, van')).toBe(true);
    expect(says('Depreciation, van', 'Accumulated depreciation, van', ['Depreciation, van'])).toBe(
      false,
    );
    expect(says('Wages due', 'Wages', ['Wages payable'])).toBe(false);
  });

  it('never where the words are opposites, or nothing is shared', () => {
    expect(says('Loan receivable', 'Loan payable')).toBe(false);
    expect(says('Interest received', 'Interest paid')).toBe(false);
    expect(says('Kitchen', 'Season passes')).toBe(false);
  });
});
