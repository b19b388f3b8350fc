import { cellText } from '../src/index.js';

test.each([
  [null, ''],
  [undefined, ''],
  ['Bank', 'Bank'],
  [1010, '1010'],
  [0.1 + 0.2, '0.3'],
  [-1234.5, '-1234.5'],
  [true, 'true'],
  [new Date('2027-03-31T00:00:00Z'), '2027-03-31'],
  [{ formula: 'SUM(A1:A9)', result: 42 }, '42'],
  [{ formula: 'HYPERLINK("x")', result: undefined }, '#NO VALUE!'],
  [{ formula: 'A1', result: { error: '#REF!' } }, '#REF!'],
  [{ richText: [{ text: 'Trade ' }, { text: 'receivables' }] }, 'Trade receivables'],
  [{ text: 'Bank', hyperlink: 'http://x' }, 'Bank'],
  [{ text: { richText: [{ text: 'Bank' }] }, hyperlink: 'http://x' }, 'Bank'],
  [{ something: 'else' }, ''],
])('the cell %j is read as “%s”', (value, text) => {
  expect(cellText(value)).toBe(text);
});
