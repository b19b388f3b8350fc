import fc from 'fast-check';
import { bookScope, evaluate, readExpression } from '../src/accounting/expression/index.js';
import { filledWords } from '../src/assessment/question/index.js';
import { shop } from './builder.js';
import { dealer, on, paper, withPapers } from './subledgers.js';

const PERIOD = { from: '2027-01-01', to: '2027-03-31' };
const NOTHING = { name: () => null, call: () => null };

const worth = (says: string) => {
  const found = evaluate(says, bookScope(shop(), PERIOD));
  return found.ok ? String(found.value) : found.refusals[0]?.code;
};

it('reckons exactly, as one does by hand', () => {
  expect(worth('0.1 + 0.2')).toBe('0.3');
  expect(worth('(3 - 5) * 1.15')).toBe('-2.3');
  expect(worth('round(12.345, 0.01)')).toBe('12.35');
  expect(worth('min(3, 1, 2) + max(1, 2) + abs(-4)')).toBe('7');
  expect(worth('1 < 2 && "a" != "b"')).toBe('true');
});

it('orders words as a dictionary does, and what is the same is not less', () => {
  expect(['"a" < "b"', '"b" < "a"', '"a" < "a"', '"a" <= "a"', '"a" > "a"'].map(worth)).toEqual([
    ...['true', 'false', 'false', 'true', 'false'],
  ]);
});

it('tells what a party owes, or is owed, at a day, by its documents alone', () => {
  const of = withPapers(
    dealer(),
    paper('sold', 'customer-invoice', { party: 'ann', lines: [on('sales', 12_000)] }),
    paper('hired', 'supplier-invoice', { party: 'mill', lines: [on('rent', 7_000)] }),
  );
  const owed = (says: string) => {
    const found = evaluate(says, bookScope(of, PERIOD));
    return found.ok ? String(found.value) : null;
  };
  expect(owed('owed("ann")')).toBe('120');
  expect(owed('owed("mill")')).toBe('70');
  expect(owed('owed("bob")')).toBe('0');
  expect(owed('owed("ann", "2027-01-31")')).toBe('0');
  expect(owed('owed("ann", "2027-02-01")')).toBe('120');
});

it('fills words with figures, days and names; what can’t be reckoned stays as written', () => {
  const filled = (words: string) => filledWords(words, shop(), bookScope(shop(), PERIOD));
  expect(filled('{= balance("bank")} and {= balance("bank") / 8}')).toBe('6,100 and 762.50');
  expect(filled('paid on {= date("paid")} from {= named("bank")}')).toBe(
    'paid on 20 February 2027 from Bank',
  );
  expect(filled('{= balance("nobody")} {balance}')).toBe('{= balance("nobody")} {balance}');
});

it('knows nothing of a party that is not there', () => {
  expect(worth('owed("nobody")')).toMatch(/^expression\.un/);
});

it('reaches nothing but names and functions that are there', () => {
  for (const says of ['a.b', 'a["b"]', '[1]', 'x = 1', '(() => 1)()', 'this', '`a`', 'a ? b : c'])
    expect(readExpression(says)).toMatchObject({ ok: false });
  for (const says of ['toString', '__proto__', 'constructor("x")', 'hasOwnProperty("a")'])
    expect(worth(says)).toMatch(/^expression\.un/);
  expect(worth('1 / 0')).toBe('expression.wrong');
  expect(worth('1 + "a"')).toBe('expression.wrong');
  expect(worth(`${'('.repeat(60)}1${')'.repeat(60)}`)).toBe('1');
  expect(worth('-'.repeat(90) + '1')).toBe('expression.unreadable');
  for (const says of ['1e9 + 1', '1e-999999 + 1', `1${'0'.repeat(20)}`, '0x10', '/a/'])
    expect(worth(says)).toBe('expression.unreadable');
  expect(worth(`1${'0'.repeat(14)} * 1${'0'.repeat(14)}`)).toBe('expression.wrong');
});

it('never throws, whatever is written', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), (says) => {
      expect(typeof evaluate(says, NOTHING).ok).toBe('boolean');
    }),
  );
});
