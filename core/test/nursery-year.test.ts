import {
  bookFromJson,
  bookToJson,
  cashFlow,
  changesInEquity,
  subledgersOf,
  givenToStudents,
  isMade,
  profitAndLoss,
  sum,
  startingPoint,
  stockCourse,
  whoOwes,
} from '../src/index.js';
import { nurseryYear } from '../src/demo/index.js';
import { balancesOf, upTo } from '../src/accounting/ledger/balances.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

describe('a whole year at the nursery', () => {
  const book = nurseryYear();
  const { documents } = subledgersOf(book);
  const days = [...new Set(documents.map(({ date }) => date))].sort();

  test('is five hundred documents and more, each of its own year, and can be read again', () => {
    expect(documents.length).toBeGreaterThan(500);
    expect(book.entries.filter(isMade).length).toBeGreaterThan(500);
    expect(days[0]?.startsWith('2027')).toBe(true);
    expect(days.at(-1)).toBe('2027-12-31');
    const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson(book))));
    expect(read.ok && read.value).toEqual(book);
  });

  test('what is open is what the control accounts say, and the stock what its account says, every day', () => {
    for (const at of days) {
      for (const kind of ['customer', 'supplier'] as const) {
        const { total, control } = whoOwes(book, kind, at);
        expect([at, kind, total]).toEqual([at, kind, control]);
      }
      const standing = [...stockCourse(subledgersOf(book), at).standing.values()];
      expect(sum(standing.map(({ value }) => value))).toBe(
        balancesOf(book, upTo(at)).get('plants'),
      );
    }
  });

  test('its trade makes a profit, its bank is never overdrawn, and its cash flow is what cash moved', () => {
    expect(profitAndLoss(book, YEAR).totals.profit).toBeGreaterThan(0);
    for (const at of days) {
      expect(balancesOf(book, upTo(at)).get('bank')).toBeGreaterThan(0);
      expect(balancesOf(book, upTo(at)).get('till')).toBeGreaterThan(0);
    }
    const flow = cashFlow(book, YEAR);
    const cash = (at: string) =>
      sum(['bank', 'till'].map((id) => balancesOf(book, upTo(at)).get(id) ?? 0));
    expect(flow.movement).toBe(cash(YEAR.to) - cash('2026-12-31'));
  });

  test('its dividend lowers equity when it is decided on, and cash when it is paid', () => {
    const until = (to: string) => ({ from: YEAR.from, to });
    const takenOut = (to: string) =>
      sum(changesInEquity(book, until(to)).rows.map((row) => row.takenOut));
    const financed = (to: string) => cashFlow(book, until(to)).financing;
    const days = ['2027-04-25', '2027-04-26', '2027-05-13', '2027-05-14'];
    expect(days.map(takenOut)).toEqual([0, -300_000, -300_000, -300_000]);
    expect(days.map(financed)).toEqual([0, 0, 0, -300_000]);
  });

  test('is the same each time, and another for another seed', () => {
    expect(nurseryYear()).toEqual(book);
    expect(nurseryYear(8)).not.toEqual(book);
  });

  test('tells nobody what its accounts are for where that is asked', () => {
    const ids = book.accounts.map(({ id }) => id);
    for (const kind of ['place-them', 'mend-it', 'company-only'] as const) {
      const start = givenToStudents(startingPoint(book, kind, { faults: {}, seed: 3 }), kind, 3);
      const described = JSON.stringify([
        Object.values(subledgersOf(start).posting),
        subledgersOf(start).items,
      ]);
      for (const id of ids) expect(described).not.toContain(`"${id}"`);
      expect(subledgersOf(start).documents).toEqual([]);
      expect(start.entries.some(isMade)).toBe(false);
      expect(bookFromJson(JSON.parse(JSON.stringify(bookToJson(start)))).ok).toBe(true);
    }
    const whole = givenToStudents(book, 'everything', 3);
    const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson(whole))));
    expect(read.ok && read.value).toEqual(whole);
  });
});
