import fc from 'fast-check';
import { spreadOf, worst, type Outcome } from '../src/index.js';
import { columnOf } from '../src/teaching/survey/survey.js';

const result = (check: string, kind: string, id: string) => ({
  check,
  subject: { kind, id },
  outcome: 'met' as const,
  points: 1,
  of: 1,
});

describe('a column of the class matrix', () => {
  const known = new Set(['account:bank', 'entry:e1']);

  it('gathers what is about one account or entry of the key', () => {
    expect(columnOf(result('account.type', 'account', 'bank'), known)).toEqual({
      id: 'account:bank',
      kind: 'account',
    });
    expect(columnOf(result('entry.date', 'entry', 'e1'), known).id).toBe('entry:e1');
    expect(columnOf(result('statement.total', 'line', 'profit'), known).id).toBe('line:profit');
  });

  it('what only a work has falls to its check', () => {
    expect(columnOf(result('account.leftover', 'account', 'odd'), known)).toEqual({
      id: 'book:account.leftover',
      kind: 'book',
    });
  });
});

describe('one cell', () => {
  it.each<[Outcome[], string]>([
    [[], 'none'],
    [['met', 'met'], 'met'],
    [['met', 'follows'], 'follows'],
    [['follows', 'not-met', 'met'], 'not-met'],
    [['cannot-judge', 'met'], 'met'],
    [['cannot-judge'], 'cannot-judge'],
  ])('of %j shows %s', (outcomes, shown) => {
    expect(worst(outcomes)).toBe(shown);
  });
});

describe('the spread of the marks', () => {
  it('is the middle one of an odd number, between the two of an even one; none without marks', () => {
    expect(spreadOf([3, 1, 2])).toEqual({ middle: 2, low: 1, high: 3 });
    expect(spreadOf([4, 1, 2, 3])).toEqual({ middle: 2.5, low: 1, high: 4 });
    expect(spreadOf([])).toBeNull();
  });

  it('lies between the ends, with as many below as above, in whatever order they come', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 500 }), { minLength: 1 }), (marks) => {
        const spread = spreadOf(marks);
        if (!spread) throw new Error('no spread');
        expect(spread.low).toBe(Math.min(...marks));
        expect(spread.high).toBe(Math.max(...marks));
        const below = marks.filter((mark) => mark < spread.middle).length;
        const above = marks.filter((mark) => mark > spread.middle).length;
        expect(Math.max(below, above)).toBeLessThanOrEqual(marks.length / 2);
        expect(spreadOf([...marks].reverse())).toEqual(spread);
      }),
    );
  });
});
