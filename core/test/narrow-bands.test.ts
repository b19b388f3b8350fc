import {
  accountAt,
  apply,
  draftAt,
  evenlyNumbered,
  renumberedChart,
  type Book,
  type NumberPlan,
} from '../src/index.js';
import { acct, book } from './builder.js';

/** Banks have 1010 to 1022 of the current assets’ 1000 to 1499. */
const plan = (of: Book): NumberPlan => {
  if (!of.numberPlan) throw new Error('no plan');
  return {
    ...of.numberPlan,
    bands: [{ from: '1010', to: '1022', type: 'bank' }, ...of.numberPlan.bands],
  };
};

const planned = (of: Book): Book => ({ ...of, numberPlan: plan(of) });

const withBanks = (numbers: readonly number[]): Book =>
  planned(
    book(
      [
        ...numbers.map((n) => acct(`bank${n}`, 'bank', { number: String(n) })),
        acct('debtors', 'trade-receivables', { number: '1100' }),
      ],
      {},
    ),
  );

const next = (of: Book) => draftAt(of, 'current-assets', { name: 'Bank' });

describe('a band of a type’s own', () => {
  test('gives its next number, whatever stands behind it in the section', () => {
    expect(next(withBanks([1010])).number).toBe('1020');
    expect(next(withBanks([1010, 1020])).number).toBe('1021');
  });

  test('gives what is left in it, before it gives nothing', () => {
    expect(next(withBanks([1020, 1021, 1022])).number).toMatch(/^10(1\d)$/);
    const all = Array.from({ length: 12 }, (_, i) => 1010 + i);
    expect(next(withBanks(all)).number).toBe('1022');
  });

  test('says that it is full, and what can be done', () => {
    const full = next(withBanks(Array.from({ length: 13 }, (_, i) => 1010 + i)));
    expect(full).toMatchObject({
      number: null,
      full: 'Every number in 1010–1022 is taken. Retire an account, or widen the band in the number plan.',
    });
  });

  test('is named by the type where a number lies outside it', () => {
    const of = withBanks([1010]);
    const account = { ...accountAt(of, 'current-assets', { name: 'Bank', number: '1400' }) };
    const added = apply(of, { kind: 'add-account', account });
    expect(added.ok && added.value.notices().map(({ says }) => says)).toEqual([
      '1400 lies outside 1010–1022, the numbers of Bank.',
    ]);
  });

  test('is numbered anew with as many as fit into it', () => {
    const of = withBanks(Array.from({ length: 13 }, (_, i) => 1010 + i));
    for (const result of [renumberedChart(of, plan(of)), evenlyNumbered(of, 'current-assets')]) {
      const numbers = result.ok ? result.value.map(({ number }) => Number(number)) : [];
      expect(numbers.filter((n) => n >= 1010 && n <= 1022)).toHaveLength(13);
      expect(new Set(numbers).size).toBe(14);
    }
  });
});
