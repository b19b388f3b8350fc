import {
  freeNearby,
  inBand,
  SHIPPED_PLANS,
  shippedPlan,
  ticksOf,
  type Band,
  type NumberPlan,
} from '../src/index.js';
import { numberKey } from '../src/model/shapes/account-number.js';
import { compareNumbers } from '../src/model/shapes/account-number.js';
import { readNumber } from '../src/model/shapes/account-number.js';
import { freeNumber } from '../src/model/numbering/free-number.js';
import { freeChildNumber } from '../src/model/numbering/free-number.js';

const plan = shippedPlan('four-digit') as NumberPlan;
const band: Band = { from: '1000', to: '1499', section: 'current-assets' };
const taken = (...numbers: string[]) => new Set(numbers.map(numberKey));
const free = (after: string | null, before: string | null, ...numbers: string[]) => {
  const found = freeNumber(plan, { band, after, before, taken: taken(...numbers) });
  return found.ok ? found.value : found.refusals[0]?.facts['nearest'];
};

test('digits come before letters; equal lengths as text; mixed lengths segment by segment', () => {
  const sorted = ['B1', 'A10', '10', '9', 'A2', '1010-2', '1010-10', '1010', '0100', 'A-9'];
  expect([...sorted].sort(compareNumbers)).toEqual([
    '9',
    '10',
    '0100',
    '1010',
    '1010-2',
    '1010-10',
    'A2',
    'A-9',
    'A10',
    'B1',
  ]);
});

test('between neighbours the roundest free number, nearest the middle', () => {
  expect(free('1010', '1100', '1010', '1100')).toBe('1050');
  expect(free('1300', '1310', '1300', '1310')).toBe('1305');
  expect(free('1010', '1400', '1010', '1400')).toBe('1200');
  expect(free(null, '1010', '1010')).toBe('1000');
});

test('at the end of a band, the next step', () => {
  expect(free(null, null)).toBe('1010');
  expect(free('1310', null, '1310')).toBe('1320');
  expect(free('1495', null, '1495')).toBe('1497');
});

test('a full gap says so and offers the nearest free ones', () => {
  expect(free('1300', '1301', '1300', '1301')).toEqual(
    ['1299', '1302', '1303']
      .filter((n) => n !== '1303')
      .concat('1298')
      .sort(),
  );
});

test('a child is numbered after its parent by the small step', () => {
  const child = freeChildNumber(plan, {
    parent: '1510',
    last: null,
    before: '1520',
    band: { from: '1500', to: '1999' },
    taken: taken('1510', '1511', '1520'),
  });
  expect(child.ok && child.value).toBe('1512');
});

test('free numbers nearby, inside the band', () => {
  expect(freeNearby(plan, { band, number: '1300', taken: taken('1300', '1310') })).toEqual(
    ['1290', '1295', '1305'].slice(0, 3),
  );
});

test('a band holds its ends and their suffixes, nothing beyond', () => {
  expect(['1000', '1499', '1499-1', '1200.5'].every((n) => inBand(band, n))).toBe(true);
  expect(['999', '1500', 'A100'].some((n) => inBand(band, n))).toBe(false);
});

test('numbers keep leading zeros; other characters and more than fifteen are refused', () => {
  expect(readNumber(' 0100 ')).toEqual({ ok: true, value: '0100' });
  for (const bad of ['', '-1', '10_1', '1'.repeat(16), '=1'])
    expect(readNumber(bad).ok).toBe(false);
});

test('shipped plans have a band for each section, none overlapping', () => {
  for (const each of SHIPPED_PLANS) {
    expect(new Set(each.bands.map((b) => b.section)).size).toBe(11);
    const sorted = [...each.bands].sort((a, b) => compareNumbers(a.from, b.from));
    sorted
      .slice(1)
      .forEach((b, i) => expect(compareNumbers(sorted[i]?.to ?? '', b.from)).toBeLessThan(0));
  }
});

describe('the ticks of a ruler', () => {
  const one: Band = { from: '1000', to: '1999', section: 'current-assets' };
  const wide: Band = { from: '1000', to: '2999', section: 'current-assets' };

  it('lie where a number stands in its band, the same once', () => {
    expect(ticksOf([one], ['1000', '1999', '1999'])).toEqual([[0, 1]]);
    expect(ticksOf([one, wide], ['1500'])[0]?.[0]).toBeCloseTo(0.5, 2);
  });

  it('are there in a band of several first digits, and not outside any', () => {
    expect(ticksOf([one, wide], ['2999'])).toEqual([[], [1]]);
    expect(ticksOf([one, wide], ['3000', '0999', '150', 'x'])).toEqual([[], []]);
  });
});
