import { checkWork, keyOf, marginOf, stillOpen, type Book } from '../src/index.js';
import { acct, book, change, shop } from './builder.js';

const key = keyOf(shop(), {
  statementDates: [
    { statement: 'balance-sheet', at: '2027-03-31' },
    { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
  ],
});
const marked = (work: Book) => checkWork(key, work).results;

describe('the margin', () => {
  it('numbers the faults, and finds each cause of a difference among them', () => {
    const moved = change(shop(), 'passes', { type: 'goods-sales', number: '4020' });
    const work = { ...moved, entries: moved.entries.filter((each) => each.id !== 'cover') };
    const results = marked(work);
    const margin = marginOf(results);
    expect(margin.faults.map((fault) => fault.ref)).toEqual([
      'account.statement:passes',
      'entry.present:cover',
    ]);
    const equity = results.find(
      (each) => each.check === 'statement.total' && each.subject.id === 'equity',
    );
    expect(equity?.outcome).toBe('follows');
    expect(equity?.causes?.map((cause) => [margin.numberOfCause(cause), cause.share])).toEqual([
      [1, 80_000],
      [2, 15_000],
    ]);
    expect(margin.numberOf('entry.present:cover')).toBe(2);
    expect(margin.numberOf('entry.present:sale')).toBeNull();
  });

  it('has nothing to say of a copy of the key', () => {
    const margin = marginOf(marked(shop()));
    expect([margin.faults, margin.follows, margin.notJudged]).toEqual([[], [], []]);
  });
});

describe('what is still open before handing in', () => {
  it('is nothing in a finished book', () => expect(stillOpen(shop())).toEqual([]));

  it('names what has no place, no number, and what is out of balance', () => {
    const open = book([acct('a', null), acct('b', 'bank', { number: '1010' })], { b: 500 });
    expect(stillOpen(open).map((each) => each.says)).toEqual([
      '“a” has no place on a statement yet.',
      '“a” has no number yet.',
      'The opening balances have 5.00 more in debit; the difference waits in suspense.',
    ]);
    expect(stillOpen(book([acct('b', 'bank', { number: '1010' })]))[0]?.code).toBe(
      'open.no-amounts',
    );
  });
});
