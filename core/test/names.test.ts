import { plainName, similarity } from '../src/model/naming/names.js';

const PAIRS: readonly [string, string][] = [
  ['Bank', 'bank'],
  ['Bank', 'Banks'],
  ['Bank, current account', 'Current account, bank'],
  ['Trade receivables', 'Trade debtors'],
  ['Trade receivables', 'Accounts receivable'],
  ['Trade payables', 'Trade creditors'],
  ['Prepaid insurance', 'Insurance prepaid'],
  ['Prepaid insurance', 'Insurance'],
  ['Accumulated depreciation, van', 'Acc. depn. van'],
  ['Accumulated depreciation, van', 'Depreciation of the van'],
  ['Share capital', 'Share cpaital'],
  ['Share capital', 'Share captal'],
  ['Bad debts', 'Ba debts'],
  ['Office', 'Offices and stamps'],
  ['Office', 'Cash office'],
  ['Wages', 'Wages due'],
  ['Rent', 'Rent paid ahead'],
  ['Rent', 'Rant'],
  ['Rent', 'Rents'],
  ['Loan', 'Lone'],
  ['Tax', 'VAT'],
  ['Sales', 'Sales of goods'],
  ['Sales returns', 'Returns of sales'],
  ['Motor van', 'Delivery vehicle'],
  ['Kitchen', 'Trade receivables'],
  ['', 'Bank'],
  ['Glasshouse heating', 'Heating of glasshouses'],
  ['Repairs & maintenance', 'Repairs and maintenance'],
  ['Interest paid', 'Interest received'],
  ['Petty cash', 'Cash in hand'],
  ['Café takings', 'Cafe takings'],
  ['1010 Bank', 'Bank'],
];

test('how alike names are', () => {
  const lines = PAIRS.map(([a, b]) => {
    const [one, other] = [plainName(a), plainName(b)];
    expect(similarity(one, other)).toBeCloseTo(similarity(other, one), 9);
    return `${a} / ${b}: ${similarity(one, other).toFixed(3)} (${one.text} / ${other.text})`;
  });
  expect(lines.join('\n')).toMatchSnapshot();
});
