import fc from 'fast-check';
import {
  allWhole,
  formatAmount,
  formatDecimal,
  minorDigits,
  parseAmount,
  PLAIN_WRITING,
} from '../src/index.js';
import { parseDecimal } from '../src/model/money/parse-amount.js';
import { proportion } from '../src/model/money/quantity.js';

const read = (text: string, decimal: '.' | ',' | null = null, digits = 2) => {
  const found = parseAmount(text, { decimal, digits });
  return found.ok ? found.value : found.refusals[0]?.code;
};

test.each([
  ['1,234.50', 123450],
  ['1.234,50', 123450],
  ['1 234,50', 123450],
  ['1’234.50', 123450],
  ['(320.00)', -32000],
  ['-320', -32000],
  ['−320', -32000],
  ['320-', -32000],
  ['€ 320', 32000],
  ['-€320.5', -32050],
  ['€(320)', -32000],
  ['EUR 12', 1200],
  ['12 EUR', 1200],
  ['1,234,567', 123456700],
  ['1.234.567', 123456700],
  ['0', 0],
  ['(0.00)', 0],
  ['.5', 50],
])('“%s” is read', (text, amount) => {
  expect(read(text)).toBe(amount);
});

test('one mark before three digits needs the locale', () => {
  expect(read('1,234')).toBe('amount.ambiguous');
  expect(read('1.234')).toBe('amount.ambiguous');
  expect(read('1,234', '.')).toBe(123400);
  expect(read('1.234', ',')).toBe(123400);
  expect(read('1.234', '.')).toBe('amount.too-fine');
  expect(read('1.234', '.', 3)).toBe(1234);
});

test.each(['', 'abc', '1,23,4', '12.3.4,5', '1..2', '=1+2', '1e5', '--5', '12 34'])(
  '“%s” is not an amount',
  (text) => {
    expect(read(text)).toBe('amount.unreadable');
  },
);

test('amounts have the decimals of their currency and a limit', () => {
  expect(read('1.5', null, 0)).toBe('amount.too-fine');
  expect(read('99999999999999999')).toBe('amount.too-large');
  expect([minorDigits('JPY'), minorDigits('EUR'), minorDigits('KWD')]).toEqual([0, 2, 3]);
});

test('a decimal string is read back as it was written', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -1e12, max: 1e12 }),
      fc.constantFrom(0, 2, 3),
      (amount, digits) => {
        const back = parseDecimal(formatDecimal(amount, digits), digits);
        expect(back.ok && back.value).toBe(amount);
      },
    ),
  );
});

const IN_CENTS = { ...PLAIN_WRITING, digits: 2 };

test('amounts are shown grouped, negative in parentheses, zero as a dash', () => {
  expect(formatAmount(-1150000, IN_CENTS, 0)).toBe('(11,500)');
  expect(formatAmount(123456789, IN_CENTS)).toBe('1,234,567.89');
  expect(formatAmount(0, IN_CENTS)).toBe('–');
  expect(allWhole([100, 2500], 2)).toBe(true);
  expect(allWhole([100, 2550], 2)).toBe(false);
});

test('a proportion is exact, halves away from zero, however large', () => {
  const exactly = (a: number, b: number, c: number): number => {
    const above = BigInt(a) * BigInt(b);
    const [top, bottom] = [above < 0n ? -above : above, BigInt(Math.abs(c))];
    const rounded = Number((2n * top + bottom) / (2n * bottom));
    return rounded !== 0 && above < 0n !== c < 0 ? -rounded : rounded;
  };
  const whole = fc.oneof(fc.integer(), fc.integer({ min: -1000, max: 1000 }), fc.maxSafeInteger());
  const below = fc.oneof(fc.integer({ min: 1, max: 1000 }), fc.integer({ min: -9, max: -1 }));
  fc.assert(
    fc.property(whole, whole, below, (a, b, c) => {
      expect(proportion(a, b, c)).toBe(exactly(a, b, c));
    }),
    { numRuns: 2000 },
  );
});
