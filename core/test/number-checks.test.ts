import {
  checkWork,
  keyOf,
  sentenceOf,
  type Accepted,
  type Book,
  type CheckResult,
} from '../src/index.js';
import { change, shop } from './builder.js';

const accepts = (account: string, number: Accepted['number']) => ({
  accepts: [{ account, names: [], types: [], number, required: true, several: true }],
});

function results(work: Book, check: string, rest: Parameters<typeof keyOf>[1] = {}): CheckResult[] {
  return checkWork(keyOf(shop(), rest), work).results.filter((each) => each.check === check);
}

const described = ([result]: CheckResult[]) => result && `${result.outcome}: ${sentenceOf(result)}`;

describe('the number as the key asks', () => {
  it('is not asked where any number in the band will do', () => {
    expect(results(shop(), 'account.number')).toEqual([]);
  });

  it('exactly its number, letter case and outer spaces ignored', () => {
    const exact = accepts('wear', 'exact');
    expect(described(results(shop(), 'account.number', exact))).toBe('met: Number 6400, as asked.');
    const spaced = change(shop(), 'wear', { number: ' 6400 ' });
    expect(results(spaced, 'account.number', exact)[0]?.outcome).toBe('met');
    const other = change(shop(), 'wear', { number: '6410' });
    expect(described(results(other, 'account.number', exact))).toBe(
      'not-met: “Depreciation, van” has the number 6410. 6400 is asked for. Give it the number 6400.',
    );
  });

  it('right behind a named account', () => {
    const behind = accepts('wear', { nextTo: 'insurance' });
    expect(results(shop(), 'account.number', behind)[0]?.outcome).toBe('met');
    const before = change(shop(), 'wear', { number: '6100' });
    expect(described(results(before, 'account.number', behind))).toBe(
      'not-met: “Depreciation, van” has the number 6100. It is asked for right behind “Insurance”. Give it the number right behind “Insurance”.',
    );
  });

  it('follows from a number outside the band, and is marked down once', () => {
    const outside = change(shop(), 'wear', { number: '4100' });
    const [asked] = results(outside, 'account.number', accepts('wear', 'exact'));
    expect(asked).toMatchObject({ outcome: 'follows', from: ['account.number-in-band:wear'] });
  });
});

describe('numbers used once', () => {
  it('are met in a book without doubles', () => {
    expect(described(results(shop(), 'account.number-unique'))).toBe(
      'met: Each number is used once.',
    );
  });

  it('a double names both, and several doubles are one fault', () => {
    const twice = change(change(shop(), 'wear', { number: '6200' }), 'debtors', { number: '1010' });
    const found = results(twice, 'account.number-unique');
    expect(found.map(({ of }) => of)).toEqual([1, 0]);
    expect(found.map(sentenceOf).join(' ')).toContain(
      '6200 stands twice: at “Depreciation, van” and at “6200 Insurance”. Each account has its own number',
    );
  });

  it('tells apart by leading zeros, not by letter case', () => {
    const zeros = change(shop(), 'wear', { number: '06200' });
    expect(results(zeros, 'account.number-unique')[0]?.outcome).toBe('met');
    const cased = change(change(shop(), 'wear', { number: 'e1' }), 'insurance', { number: 'E1' });
    const roots = results(cased, 'account.number-unique')[0]?.from ?? [];
    expect([...roots].sort()).toEqual([
      'account.number-in-band:insurance',
      'account.number-in-band:wear',
    ]);
  });
});

describe('a work without any numbers', () => {
  const bare = { ...shop(), accounts: shop().accounts.map((each) => ({ ...each, number: null })) };

  it('can’t be judged when it comes from elsewhere: nothing is lost by it', () => {
    for (const check of ['account.number-unique', 'account.number-in-band'])
      expect(described(results(bare, check))).toBe(
        'cannot-judge: The work has no account numbers.',
      );
    const checked = checkWork(keyOf(shop()), bare);
    expect(checked.points).toBe(checked.of);
  });

  it('has not done what was asked when it grew from a start', () => {
    const checked = checkWork(keyOf(shop()), bare, { start: bare });
    expect(checked.points).toBe(0);
    expect(checked.of).toBe(12);
  });
});
