import { keyChanges, keyOf } from '../src/index.js';
import { acct, change, drop, entry, shop } from './builder.js';

const key = keyOf(shop());

describe('what a version of a key changed', () => {
  it('is nothing where it says the same', () => {
    expect(keyChanges(key, keyOf(shop()))).toEqual([]);
  });

  it('is told by account and entry', () => {
    const book = change(drop(shop(), 'insurance'), 'loan', { number: '2520', name: 'Loan' });
    const after = keyOf({
      ...book,
      accounts: [...book.accounts, acct('new', 'selling', { number: '6900', name: 'Adverts' })],
      opening: { ...book.opening, balances: { ...book.opening.balances, bank: 1 } },
      entries: [
        ...book.entries
          .filter(({ id }) => id !== 'cover')
          .map((each) => ({
            ...each,
            ...(each.id === 'sale' ? { date: '2027-02-04' } : {}),
          })),
        entry('more', '2027-03-01', { lines: { bank: 5, sales: -5 } }),
      ],
    });
    expect(keyChanges(key, after)).toEqual([
      'Account added: 6900 Adverts.',
      'Account gone: 6200 Insurance.',
      'Account changed: 1010 Bank (opening balance).',
      'Account changed: 2520 Loan (name, number).',
      'Entry added: “more” of 2027-03-01.',
      'Entry gone: “cover” of 2027-03-31.',
      'Entry changed: “sale” of 2027-02-04.',
    ]);
  });

  it('is told of questions and own figures', () => {
    const question = { id: 'q', kind: 'side', text: 'Which side?', right: '"debit"' } as const;
    const asked = keyOf(shop(), {
      questions: [question, { ...question, id: 'r', text: 'And this?' }],
    });
    const after = keyOf(shop(), {
      questions: [
        { ...question, right: '"credit"' },
        { ...question, id: 's', text: 'What else?' },
      ],
      figures: { everywhere: 'usual * 2' },
    });
    expect(keyChanges(asked, after)).toEqual([
      'Question added: “What else?”.',
      'Question gone: “And this?”.',
      'Question changed: “Which side?”.',
      'Own figures changed.',
    ]);
  });

  it('is told of what else is right, of points, days and the total', () => {
    const also = { names: ['Cash'], types: [], number: 'any', required: true, several: true };
    const after = keyOf(shop(), {
      accepts: [{ account: 'bank', ...also, number: 'any' as const }],
      acceptsEntries: [{ entry: 'sale', from: '2027-02-01', to: '2027-02-28', required: true }],
      points: { 'account.name': 0 },
      statementDates: [{ statement: 'balance-sheet', at: '2027-03-31' }],
      total: 20,
    });
    expect(keyChanges(key, after)).toEqual([
      'What else is right for 1010 Bank changed.',
      'What else is right for entries changed.',
      'Points changed: account.name.',
      'The days on which statements are compared changed.',
      'The whole counts 20.',
    ]);
    expect(keyChanges(after, key)).toHaveLength(5);
  });
});
