import {
  chargedOn,
  chargedOnSays,
  checkWork,
  keyOf,
  readBook,
  readKey,
  sentenceOf,
  writeBook,
  type Book,
} from '../src/index.js';
import { keyToJson } from '../src/assessment/key/read-key.js';
import { budgetFigures } from '../src/accounting/statement/budget-figures.js';
import { trialMovement } from '../src/accounting/statement/trial-balance.js';
import { proposeColumns } from '../src/files/table/columns.js';
import { acct, change, entry, shop } from './builder.js';

const with_ = (of: Book, rest: Partial<Book>): Book => ({ ...of, ...rest });

describe('what lies on a bound', () => {
  test('an entry on the first or last day of a period is a movement of it, one beyond is not', () => {
    const days = ['2027-01-31', '2027-02-01', '2027-02-28', '2027-03-01'];
    const entries = days.map((day) => entry(day, day, { lines: { bank: 100, sales: -100 } }));
    const { lines } = trialMovement(with_(shop(), { entries }), {
      from: '2027-02-01',
      to: '2027-02-28',
    });
    expect(lines.find(({ account }) => account.id === 'bank')).toMatchObject({ debit: 200 });
  });

  test('a budget is spread over twelve months, or over the days of the year', () => {
    const book = change(shop(), 'insurance', { budget: 36_500 });
    const of = (from: string, to: string) =>
      budgetFigures(book, { from, to }).amounts.get('insurance');
    expect(of('2027-01-01', '2027-12-31')).toBe(36_500);
    expect(of('2027-01-01', '2027-06-30')).toBe(18_250);
    expect(of('2027-01-01', '2027-01-10')).toBe(1_000);
  });

  test('a budget by periods is taken period by period: whole ones whole, of others their days, each year anew', () => {
    const company = { ...shop().company, periods: 4 };
    const book = {
      ...change(shop(), 'insurance', { budget: 1_000, budgets: [100, 200, 300, 400] }),
      company,
    };
    const of = (from: string, to: string, at = book) =>
      budgetFigures(at, { from, to }).amounts.get('insurance');
    expect(of('2027-01-01', '2027-12-31')).toBe(1_000);
    expect(of('2027-04-01', '2027-09-30')).toBe(500);
    expect(of('2027-01-01', '2027-01-09')).toBe(10);
    expect(of('2027-10-01', '2028-03-31')).toBe(500);
    const monthly = { ...book, company: { ...company, periods: 12 } };
    expect(of('2027-01-01', '2027-06-30', monthly)).toBe(500);
  });

  test('budgets by period that do not add up to the year’s are refused', () => {
    const apart = change(shop(), 'insurance', { budget: 999, budgets: [500, 500] });
    expect(readBook(writeBook(apart))).toMatchObject({
      ok: false,
      refusals: [{ code: 'account.budgets-apart' }],
    });
    const right = change(shop(), 'insurance', { budget: 1_000, budgets: [500, 500] });
    expect(readBook(writeBook(right))).toEqual({ ok: true, value: right });
  });

  test('of several years the one that is wanted, else the last', () => {
    const rows = [
      ['Account', 'Balance 2026', 'Balance 2027'],
      ['Bank', '10.00', '20.00'],
      ['Sales', '30.00', '40.00'],
    ];
    expect(proposeColumns(rows, '2026').columns.amount).toBe(1);
    expect(proposeColumns(rows, '2027').columns.amount).toBe(2);
    expect(proposeColumns(rows, '2031').columns.amount).toBe(2);
    expect(proposeColumns(rows).columns.amount).toBe(2);
  });
});

describe('an expense that others bear', () => {
  const repairs = change(shop(), 'insurance', { chargedTo: 'sales' });
  const paid = entry('paid', '2027-02-01', { lines: { insurance: 500, bank: -500 } });

  test('asks for what is charged on, and nothing where it is credited or the account is gone', () => {
    const [found] = chargedOn(repairs, paid);
    expect(found).toMatchObject({ amount: 500, income: { id: 'sales' } });
    expect(found && chargedOnSays(found, '5')).toBe(
      'Insurance is charged on: record 5 on 4010 Sales of goods, too, as what is owed for it.',
    );
    const back = entry('back', '2027-02-01', { lines: { bank: 500, insurance: -500 } });
    expect(chargedOn(repairs, back)).toEqual([]);
    expect(chargedOn(change(shop(), 'insurance', { chargedTo: 'gone' }), paid)).toEqual([]);
    expect(chargedOn(shop(), paid)).toEqual([]);
    expect(readBook(writeBook(repairs))).toEqual({ ok: true, value: repairs });
  });
});

describe('a key that says little', () => {
  test('is written without what it does not say', () => {
    const json = keyToJson(keyOf(shop()));
    expect(Object.keys(json)).toEqual([
      ...['format', 'version', 'book', 'accepts', 'acceptsEntries', 'statementDates', 'points'],
    ]);
  });

  test('lets several accounts stand for one, and one be left out only if retired', () => {
    const book = change(shop(), 'van', { retired: true });
    const json = { ...keyToJson(keyOf(book)), accepts: [{ account: 'bank' }, { account: 'van' }] };
    const read = readKey(JSON.stringify(json));
    if (!read.ok) throw new Error(read.refusals[0]?.says);
    expect(read.value.accepts).toMatchObject([
      { account: 'bank', several: true, required: true, number: 'in-band' },
      { account: 'van', several: true, required: false },
    ]);
  });
});

describe('accounts besides those of the key', () => {
  const key = keyOf(shop());
  const faults = (work: Book) =>
    checkWork(key, work).results.filter(({ outcome }) => outcome === 'not-met');
  const besides = (...accounts: Book['accounts']) =>
    with_(shop(), { accounts: [...shop().accounts, ...accounts] });

  test('are none too many where they are empty and out of the way', () => {
    const summary = acct('summary', 'income-summary', { name: 'Income summary' });
    const retired = acct('old', 'vehicles', { name: 'Old trailer', retired: true });
    expect(faults(besides(summary, retired))).toEqual([]);
    const kept = acct('old', 'vehicles', { name: 'Old trailer', number: '1590' });
    expect(faults(besides(kept)).map(({ check }) => check)).toEqual(['account.leftover']);
  });

  test('are named where an entry goes to one of them', () => {
    const one = acct('one', 'office', { name: 'Stamps', number: '6500' });
    const two = acct('two', 'office', { name: 'Paper', number: '6510' });
    const work = with_(besides(one, two), {
      entries: shop().entries.map((each) => ({
        ...each,
        lines: each.lines.map((line) =>
          line.account === 'insurance' ? { ...line, account: 'two' } : line,
        ),
      })),
    });
    const described = checkWork(key, work).results.filter(({ check }) => check === 'entry.amounts');
    expect(described.map(sentenceOf).join(' ')).toContain('“Paper”');
  });
});
