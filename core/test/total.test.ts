import fc from 'fast-check';
import { checkWork, keyOf, newBook, sentenceOf, type AnswerKey } from '../src/index.js';
import { inTotal } from '../src/assessment/mark/points.js';
import { acct, change, COMPANY, shop } from './builder.js';

const keyWith = (rest: Partial<AnswerKey>) => keyOf(shop(), rest);

describe('what the whole counts', () => {
  it('is what the author says; a fault less is never the whole', () => {
    const key = keyWith({ total: 20 });
    expect(checkWork(key, shop())).toMatchObject({ points: 20, of: 20 });
    const plain = checkWork(keyWith({}), change(shop(), 'loan', { retired: true }));
    const scaled = checkWork(key, change(shop(), 'loan', { retired: true }));
    expect(plain.points).toBe(plain.of - 1);
    expect(scaled).toMatchObject({ points: 19, of: 20, scaledFrom: plain.of });
  });

  it('leaves an empty work at nothing, and all points as they are where nothing is said', () => {
    const empty = newBook({ company: COMPANY, scheme: 'current-first', numberPlan: 'four-digit' });
    const start = { ...empty, opening: shop().opening && { date: '2026-12-31', balances: {} } };
    expect(checkWork(keyWith({ total: 20 }), start, { start })).toMatchObject({
      points: 0,
      of: 20,
    });
    expect(checkWork(keyWith({}), shop()).scaledFrom).toBeNull();
  });

  it('rises with the points, from nothing to the whole', () => {
    const sums = fc
      .record({ of: fc.integer({ min: 1, max: 2000 }), total: fc.integer({ min: 1, max: 1000 }) })
      .chain((rest) => fc.record({ rest: fc.constant(rest), points: fc.nat(rest.of) }));
    fc.assert(
      fc.property(sums, ({ rest: { of, total }, points }) => {
        const { points: mark } = inTotal(total, { points, of });
        expect(Math.abs(mark - (points * total) / of)).toBeLessThanOrEqual(
          points < of && mark === total - 1 ? 1 : 0.5,
        );
        expect(mark === total).toBe(points === of);
        if (points > 0)
          expect(inTotal(total, { points: points - 1, of }).points).toBeLessThanOrEqual(mark);
      }),
    );
    expect(inTotal(20, { points: 0, of: 0 })).toEqual({ points: 0, of: 0, scaledFrom: null });
  });
});

describe('an account that is not to be set up', () => {
  const unwanted = acct('unwanted', 'sundry-operating', { number: '7900', name: 'Odds and ends' });
  const book = { ...shop(), accounts: [...shop().accounts, unwanted] };
  const forbids = { account: 'unwanted', names: [], types: [], number: 'any' as const };
  const key = keyOf(book, {
    accepts: [
      {
        ...forbids,
        required: false,
        forbidden: true,
        several: true,
        reason: 'Nothing belongs in it.',
      },
    ],
  });

  it('costs nothing who leaves it away', () => {
    const checked = checkWork(key, shop());
    expect(checked.results.every(({ outcome }) => outcome === 'met')).toBe(true);
  });

  it('is one too many, with the reason, even retired', () => {
    const own = { ...unwanted, id: 'mine', name: 'Odds & ends', retired: true };
    const checked = checkWork(key, { ...shop(), accounts: [...shop().accounts, own] });
    const [fault, ...more] = checked.results.filter(({ outcome }) => outcome === 'not-met');
    expect(more).toEqual([]);
    expect(fault?.ref).toBe('account.leftover:mine');
    expect(fault && sentenceOf(fault)).toBe(
      '“7900 Odds & ends” is not to be set up here. Nothing belongs in it. Delete it, or give its amounts to the right account.',
    );
  });

  it('takes the entries that went to it along', () => {
    const entries = shop().entries.map((entry) => ({
      ...entry,
      lines: entry.lines.map((line) =>
        line.account === 'insurance' ? { ...line, account: 'unwanted' } : line,
      ),
    }));
    const checked = checkWork(key, { ...book, entries });
    const lost = checked.results
      .filter(({ outcome }) => outcome === 'not-met')
      .map(({ ref }) => ref);
    expect(lost).toContain('account.leftover:unwanted');
    expect(lost.filter((ref) => ref.startsWith('statement.'))).toEqual([]);
  });
});
