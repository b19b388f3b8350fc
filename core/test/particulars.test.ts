import {
  apply,
  checkWork,
  keyOf,
  readBook,
  readOperations,
  sentenceOf,
  startingPoint,
  writeBook,
  type Account,
  type Book,
  type Operation,
} from '../src/index.js';
import { change, shop } from './builder.js';

const LISTS = {
  lines: [{ id: '4.2', name: 'Other operating income' }],
  codes: [
    { id: 'S20', name: 'Standard' },
    { id: 'Z', name: 'Zero' },
  ],
};

function done(of: Book, operation: Operation): Book {
  const applied = apply(of, operation);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  const { book, inverse } = applied.value;
  expect(apply(book, inverse)).toMatchObject({ ok: true, value: { book: of } });
  return book;
}

const refusal = (of: Book, operation: Operation): string => {
  const applied = apply(of, operation);
  return applied.ok ? '' : applied.refusals.map(({ says }) => says).join(' ');
};

const describe_ = (id: string, rest: Partial<Account>): Operation => ({
  kind: 'describe-account',
  id,
  description: null,
  cashFlow: null,
  taxLine: null,
  taxCode: null,
  budget: null,
  budgets: [],
  headsOnly: false,
  usedFrom: null,
  bankDetails: null,
  chargedTo: null,
  ...rest,
});

const listed = () => done(shop(), { kind: 'change-tax-lists', taxLists: LISTS });

describe('particulars of an account', () => {
  const described = () =>
    done(
      listed(),
      describe_('sales', {
        description: 'Over the counter',
        taxLine: '4.2',
        taxCode: 'S20',
        budget: 1_800_000,
      }),
    );

  it('go through a file and over the wire', () => {
    const text = writeBook(described());
    expect(text).toContain('"budget": "18000.00"');
    const read = readBook(text);
    expect(read.ok && read.value).toEqual(described());
    const operations = [
      describe_('sales', { taxCode: 'Z', budget: -5 }),
      { kind: 'state-side', id: 'sales', side: 'credit' },
      { kind: 'change-tax-lists', taxLists: LISTS },
    ];
    expect(readOperations(JSON.parse(JSON.stringify(operations)) as unknown[])).toEqual({
      ok: true,
      value: operations,
    });
  });

  it('name only taxes that the lists have', () => {
    expect(refusal(listed(), describe_('sales', { taxCode: 'R5' }))).toMatch(
      /There is no tax code “R5”/,
    );
    expect(refusal(shop(), describe_('sales', { taxLine: '4.2' }))).toMatch(/no tax line “4.2”/);
    const broken = writeBook(described()).replace('"taxCode": "S20"', '"taxCode": "Q"');
    expect(readBook(broken)).toMatchObject({
      ok: false,
      refusals: [{ code: 'tax.unknown', at: 'accounts[9].taxCode' }],
    });
  });

  it('keep a tax code from being taken off the list', () => {
    const without = { ...LISTS, codes: LISTS.codes.slice(1) };
    expect(refusal(described(), { kind: 'change-tax-lists', taxLists: without })).toMatch(
      /The tax code “S20” is given to 4010 Sales of goods\. Give them another first/,
    );
    done(listed(), { kind: 'change-tax-lists', taxLists: without });
  });

  it.each([
    [[{ id: '', name: 'Nameless' }], /needs a short code/],
    [
      [
        { id: 'A', name: 'One' },
        { id: 'a ', name: 'Two' },
      ],
      /two of the tax code “a ”|two of the tax code “a”/,
    ],
    [
      Array.from({ length: 501 }, (_, i) => ({ id: `c${i}`, name: 'Code' })),
      /more than anybody can choose from/,
    ],
  ])('refuse lists that nobody can use', (codes, says) => {
    expect(refusal(shop(), { kind: 'change-tax-lists', taxLists: { lines: [], codes } })).toMatch(
      says,
    );
  });

  it('do not take a budget beyond what an amount can be', () => {
    expect(refusal(shop(), describe_('sales', { budget: Number.MAX_SAFE_INTEGER }))).toMatch(
      /larger than an amount/,
    );
  });
});

describe('the cash-flow activity of its own', () => {
  const key = () => keyOf(change(shop(), 'debtors', { cashFlow: 'investing' }));

  it('is checked where the key has one', () => {
    const met = checkWork(key(), change(shop(), 'debtors', { cashFlow: 'investing' }));
    expect(met.results.find(({ ref }) => ref === 'account.cash-flow:debtors')?.outcome).toBe('met');
    const missed = checkWork(key(), shop()).results.find(
      ({ ref }) => ref === 'account.cash-flow:debtors',
    );
    expect(missed).toMatchObject({ outcome: 'not-met', points: 0, of: 1 });
    expect(missed && sentenceOf(missed)).toEqual(
      expect.stringContaining('“Trade receivables” is operating. It belongs to investing.'),
    );
  });

  it('is pointed out, without points, where only the work has one', () => {
    const { results } = checkWork(keyOf(shop()), change(shop(), 'loan', { cashFlow: 'operating' }));
    expect(results.find(({ check }) => check === 'account.cash-flow')).toMatchObject({
      outcome: 'not-met',
      of: 0,
    });
  });

  it('follows from a wrong place', () => {
    const work = change(shop(), 'debtors', { type: 'trade-payables', number: '2050' });
    const found = checkWork(key(), work).results.find(
      ({ ref }) => ref === 'account.cash-flow:debtors',
    );
    expect(found).toMatchObject({ outcome: 'follows', from: ['account.section:debtors'] });
  });
});

describe('the normal side, asked', () => {
  const key = keyOf(shop(), { points: { 'account.normal-side': 1 } });
  const start = startingPoint(shop(), 'place-them', { faults: {}, seed: 1 });
  const sideOf = (work: Book, id: string) =>
    checkWork(key, work, { start }).results.find(({ ref }) => ref === `account.normal-side:${id}`);

  it('is not looked at unless points are on it', () => {
    const { results } = checkWork(keyOf(shop()), shop());
    expect(results.some(({ check }) => check === 'account.normal-side')).toBe(false);
  });

  it('is met, wrong, or not answered', () => {
    const answer = (side: 'debit' | 'credit' | null) =>
      sideOf(change(shop(), 'van-dep', { statedSide: side }), 'van-dep');
    expect(answer('credit')).toMatchObject({ outcome: 'met', points: 1 });
    const wrong = answer('debit');
    expect(wrong).toMatchObject({ outcome: 'not-met', points: 0 });
    expect(wrong && sentenceOf(wrong)).toMatch(
      /stand in debit normally\. It normally stands in credit\./,
    );
    const none = answer(null);
    expect(none && sentenceOf(none)).toMatch(/was asked and not answered\. It is credit\./);
  });

  it('follows when it is right for the wrong place', () => {
    const work = change(shop(), 'prepaid', {
      type: 'accrued-expense',
      number: '2050',
      statedSide: 'credit',
    });
    expect(sideOf(work, 'prepaid')).toMatchObject({ outcome: 'follows', points: 1 });
    const neither = change(shop(), 'prepaid', {
      type: 'accrued-expense',
      number: '2050',
      statedSide: 'debit',
    });
    expect(sideOf(neither, 'prepaid')).toMatchObject({ outcome: 'met' });
  });
});
