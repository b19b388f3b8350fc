import fc from 'fast-check';
import {
  apply,
  subledgersOf,
  madeUntil,
  nextYear,
  planRows,
  type Operation,
  type Schedule,
} from '../src/index.js';
import { entry, shop } from './builder.js';
import { after } from './subledgers.js';

const rent = (rest: Partial<Schedule> = {}): Schedule => ({
  id: 'cover',
  kind: 'prepayment',
  text: 'Insurance used up',
  debit: 'insurance',
  credit: 'prepaid',
  total: 100_00,
  residual: 0,
  begins: null,
  rows: planRows({ total: 100_00, from: '2027-01-01', months: 3 }),
  ...rest,
});
const put = (schedule: Schedule): Operation => ({ kind: 'put-schedule', schedule });
const refusals = (operation: Operation, by: 'author' | 'student' = 'author', of = shop()) => {
  const applied = apply(of, operation, { by, entriesMayChange: by === 'author' });
  return applied.ok ? [] : applied.refusals.map(({ code }) => code);
};

describe('the rows of a schedule', () => {
  test('stand at the ends of months; the last takes what is left over', () => {
    expect(planRows({ total: 100_00, from: '2027-01-15', months: 3 })).toEqual([
      { date: '2027-01-31', amount: 33_33, made: false },
      { date: '2027-02-28', amount: 33_33, made: false },
      { date: '2027-03-31', amount: 33_34, made: false },
    ]);
  });

  test('from mid-month by days: the first and the last month count in part', () => {
    const spread = { total: 365_00, from: '2027-03-15', months: 12, byDays: true };
    const rows = planRows(spread);
    expect(rows).toHaveLength(13);
    // 15 March 2027 to 14 March 2028 are 366 days: 17 in March, 30 in April, 14 in the last March.
    expect(rows[0]).toEqual({
      date: '2027-03-31',
      amount: Math.trunc((365_00 * 17) / 366),
      made: false,
    });
    expect(rows[1]).toMatchObject({ date: '2027-04-30', amount: Math.trunc((365_00 * 30) / 366) });
    expect(rows.at(-1)?.date).toBe('2028-03-31');
    expect(planRows({ ...spread, from: '2027-03-01', months: 1 })).toEqual([
      { date: '2027-03-31', amount: 365_00, made: false },
    ]);
  });

  test('by days, shares of equal length are equal to the cent but for the last', () => {
    const days = fc.integer({ min: 0, max: 700 });
    fc.assert(
      fc.property(
        days,
        fc.integer({ min: 1, max: 48 }),
        fc.nat(10_000_000),
        (day, months, total) => {
          const from = new Date(Date.UTC(2027, 0, 1 + day)).toISOString().slice(0, 10);
          const rows = planRows({ total: total + 100_000, from, months, byDays: true });
          expect(rows.reduce((sum, { amount }) => sum + amount, 0)).toBe(total + 100_000);
          const whole = rows.slice(1, -1).filter(({ date }) => date.endsWith('-31'));
          expect(new Set(whole.map(({ amount }) => amount)).size).toBeLessThan(2);
        },
      ),
    );
  });

  test('add up to what is spread, whatever is kept of them', () => {
    const months = fc.integer({ min: 1, max: 120 });
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000_000 }),
        months,
        fc.nat(200),
        (total, n, kept) => {
          const spread = { total, from: '2027-01-01', months: n };
          const rows = planRows(spread);
          const half = rows.slice(0, Math.min(kept, rows.length));
          for (const each of [rows, planRows(spread, half)])
            expect(each.reduce((sum, { amount }) => sum + amount, 0)).toBe(total);
        },
      ),
    );
  });

  test('another plan leaves what is kept as it is, and shares the rest', () => {
    const kept = planRows({ total: 90, from: '2027-01-01', months: 3 }).slice(0, 1);
    expect(planRows({ total: 100, from: '2027-01-01', months: 3 }, kept)).toEqual([
      { date: '2027-01-31', amount: 30, made: false },
      { date: '2027-02-28', amount: 35, made: false },
      { date: '2027-03-31', amount: 35, made: false },
    ]);
  });
});

describe('a schedule in its book', () => {
  const two = rent({ rows: madeUntil(rent().rows, '2027-02-28') });
  const scheduled = after(shop(), put(two));

  test('makes the entries of the rows that are made, told from others', () => {
    const made = scheduled.entries.filter(({ schedule }) => schedule === 'cover');
    expect(made.map(({ date, lines, kind }) => [date, kind, lines])).toEqual([
      [
        '2027-01-31',
        'adjusting',
        [
          { account: 'insurance', amount: 33_33 },
          { account: 'prepaid', amount: -33_33 },
        ],
      ],
      [
        '2027-02-28',
        'adjusting',
        [
          { account: 'insurance', amount: 33_33 },
          { account: 'prepaid', amount: -33_33 },
        ],
      ],
    ]);
    expect(refusals({ kind: 'remove-entry', id: 'of-cover-1' }, 'author', scheduled)).toEqual([
      'entry.made',
    ]);
  });

  test('is undone whole: put, changed, removed', () => {
    for (const operation of [
      put(rent({ text: 'Otherwise' })),
      { kind: 'remove-schedule', id: 'cover' } as const,
    ]) {
      const applied = apply(scheduled, operation);
      if (!applied.ok) throw new Error(applied.refusals[0]?.says);
      expect(after(applied.value.book, applied.value.inverse)).toEqual(scheduled);
    }
  });

  test('does not change what is locked, for a student', () => {
    const locked = after(scheduled, { kind: 'lock-entries', until: '2027-01-31' });
    const otherwise = put({ ...two, text: 'Otherwise' });
    expect(apply(locked, otherwise, { by: 'student', entriesMayChange: true })).toMatchObject({
      ok: false,
      refusals: expect.arrayContaining([
        expect.objectContaining({ code: 'entry.locked' }),
      ]) as unknown,
    });
    expect(refusals(otherwise, 'author', locked)).toEqual([]);
  });

  test('makes its next entry also where what was recorded stays as it is; what it made stays', () => {
    const fixed = (operation: Operation) => {
      const applied = apply(scheduled, operation, { by: 'student', entriesMayChange: false });
      return applied.ok ? [] : applied.refusals.map(({ code }) => code);
    };
    expect(fixed(put({ ...two, rows: madeUntil(two.rows, '2027-03-31') }))).toEqual([]);
    expect(fixed(put({ ...two, rows: rent().rows }))).toEqual(['document.fixed']);
    expect(fixed(put({ ...two, text: 'Otherwise' }))).toEqual(['document.fixed']);
    expect(fixed({ kind: 'remove-schedule', id: 'cover' })).toEqual(['document.fixed']);
  });

  test.each<[string, Partial<Schedule>, string]>([
    ['rows that do not add up', { total: 99_00 }, 'schedule.not-whole'],
    ['nothing said', { text: ' ' }, 'schedule.nameless'],
    ['one account twice', { credit: 'insurance' }, 'schedule.same-account'],
    ['an account that is not there', { debit: 'nowhere' }, 'account.unknown'],
    ['no rows', { total: 0, rows: [] }, 'schedule.not-over-zero'],
    [
      'a day twice',
      {
        rows: [
          { date: '2027-01-31', amount: 50_00, made: false },
          { date: '2027-01-31', amount: 50_00, made: false },
        ],
      },
      'schedule.not-in-order',
    ],
  ])('%s is refused', (_, rest, code) => expect(refusals(put(rent(rest)))).toContain(code));

  test('goes on into the next year with what is left of it', () => {
    const long = rent({
      total: 240_00,
      residual: 0,
      rows: madeUntil(planRows({ total: 240_00, from: '2027-01-01', months: 24 }), '2027-12-31'),
    });
    const book = after(shop(), put(long));
    const closing = entry('close', '2027-12-31', {
      lines: {
        sales: 150_000,
        insurance: -(15_000 + 120_00),
        wear: -25_000,
        kept: -(150_000 - 15_000 - 120_00 - 25_000),
      },
    });
    const closed = after(book, { kind: 'record-entry', entry: { ...closing, kind: 'closing' } });
    const next = nextYear(closed, { from: '2027-01-01', to: '2027-12-31' });
    if (!next.ok) throw new Error(next.refusals[0]?.says);
    const [left] = subledgersOf(next.value).schedules;
    expect(left?.total).toBe(120_00);
    expect(left?.rows).toHaveLength(12);
    expect(left?.rows.some(({ made }) => made)).toBe(false);
  });
});
