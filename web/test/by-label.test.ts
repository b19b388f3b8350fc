import { BY_LABEL, isMeant } from '../src/platform/figures/by-label';
import { SEARCH } from '../src/book/journal/account-options';

const found = (typed: string, labels: readonly string[]): string[] =>
  labels
    .map((label) => ({ label }))
    .filter((option) => BY_LABEL.filterOption(typed, option))
    .sort((a, b) => BY_LABEL.filterSort(a, b, { searchValue: typed }))
    .map(({ label }) => label);

test('a list is searched by short fragments of its words; what begins with them comes first', () => {
  const kinds = ['Supplier’s invoice', 'Invoice to customer', 'Goods in'];
  expect(found('invoice', kinds)).toEqual(['Invoice to customer', 'Supplier’s invoice']);
  expect(found('in cu', kinds)).toEqual(['Invoice to customer']);
  expect(found('goods', kinds)).toEqual(['Goods in']);
  expect(found('x', kinds)).toEqual([]);
});

const option = (number: string, name: string) => ({
  value: name,
  label: `${number} ${name}`,
  name,
  number,
});

test('an account is found by number, name or the beginnings of its words', () => {
  expect(isMeant('ba cu', '1010 Bank, current account')).toBe(true);
  expect(isMeant('1010', '1010 Bank, current account')).toBe(true);
  expect(isMeant('ba sa', '1010 Bank, current account')).toBe(false);
  const all = [
    option('6100', 'bank charges'),
    option('1010', 'bank'),
    option('2010', 'loan of the bank'),
  ];
  const sorted = [...all].sort((a, b) => SEARCH.filterSort(a, b, { searchValue: 'bank' }));
  expect(sorted.map(({ name }) => name)).toEqual(['bank', 'bank charges', 'loan of the bank']);
});

test('an account is found in short: by its first letter, by those of its words, by the last digits of its number', () => {
  const all = [
    option('2100', 'owed for work'),
    option('1020', 'till float'),
    option('1300', 'prepaid insurance'),
    option('2000', 'suppliers, pitches'),
    option('6010', 'wages'),
  ];
  const first = (typed: string) =>
    all
      .filter((each) => SEARCH.filterOption(typed, each))
      .sort((a, b) => SEARCH.filterSort(a, b, { searchValue: typed }))[0]?.name;
  expect(first('w')).toBe('wages');
  expect(first('pi')).toBe('prepaid insurance');
  expect(first('20')).toBe('till float');
  expect(first('300')).toBe('prepaid insurance');
  expect(first('10')).toBe('till float');
});
