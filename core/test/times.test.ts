import fc from 'fast-check';
import {
  ALWAYS,
  countedMark,
  GRACE,
  isClosed,
  isZone,
  lastsSaid,
  lateBy,
  lateOffOf,
  momentSaid,
  standsAt,
  timesOf,
  timesOfTry,
} from '../src/index.js';
import type { CountsRule, LateRule, Times } from '../src/index.js';

const moment = fc.option(fc.integer({ min: 0, max: 10 ** 9 }), { nil: null });
/** As they are taken: what closes, closes after it opens. */
const times: fc.Arbitrary<Times> = fc
  .record({
    ...{ opensAt: moment, closesAt: moment, late: fc.constantFrom<LateRule>('refused', 'told') },
    lateOff: fc.integer({ min: 0, max: 100 }),
    minutes: fc.option(fc.integer({ min: 5, max: 1440 }), { nil: null }),
    ...{
      tries: fc.integer({ min: 1, max: 5 }),
      counts: fc.constantFrom<CountsRule>('best', 'last'),
    },
    ...{ moreUntil: fc.constant(null), shutsAt: fc.constant(null) },
  })
  .map(({ opensAt, closesAt, ...late }) =>
    opensAt !== null && closesAt !== null && closesAt <= opensAt
      ? { opensAt: closesAt, closesAt: opensAt + 1, ...late }
      : { opensAt, closesAt, ...late },
  );

test('of several classes a student has whatever is kindest, and more time never takes any away', () => {
  fc.assert(
    fc.property(
      fc.array(times, { minLength: 1, maxLength: 4 }),
      moment,
      moment,
      (all, more, at) => {
        const now = at ?? 0;
        const own = timesOf(all, more);
        for (const each of all) {
          if (standsAt(each, now) !== 'before') expect(standsAt(own, now)).not.toBe('before');
          if (!isClosed(each, now)) expect(isClosed(own, now)).toBe(false);
          expect(lateBy(own, now)).toBeLessThanOrEqual(lateBy(each, now));
          if (each.late === 'told')
            expect(lateOffOf(own, now, 40)).toBeLessThanOrEqual(lateOffOf(each, now, 40));
        }
        if (more !== null && now < more) expect(isClosed(own, now)).toBe(false);
      },
    ),
  );
});

test('what is handed in within the closing minute is in time; after it it is late by all that passed', () => {
  const times: Times = {
    ...ALWAYS,
    opensAt: 1_000,
    closesAt: 500_000,
    late: 'refused',
    lateOff: 0,
  };
  expect(standsAt(times, 999)).toBe('before');
  expect(standsAt(times, 1_000)).toBe('open');
  const last = 500_000 + GRACE - 1;
  expect([standsAt(times, last), isClosed(times, last), lateBy(times, last)]).toEqual([
    'open',
    false,
    0,
  ]);
  const over = last + 1;
  expect([standsAt(times, over), isClosed(times, over), lateBy(times, over)]).toEqual([
    'over',
    true,
    GRACE,
  ]);
  expect(isClosed({ ...times, late: 'told' }, over)).toBe(false);
});

test('each day begun takes off its share of what there is to earn, and all of it at most', () => {
  const DAY = 24 * 3_600_000;
  const times: Times = { ...ALWAYS, opensAt: null, closesAt: 1_000, late: 'told', lateOff: 15 };
  const off = (after: number) => lateOffOf(times, 1_000 + after, 50);
  expect([off(GRACE - 1), off(GRACE), off(DAY), off(DAY + 1), off(6 * DAY), off(60 * DAY)]).toEqual(
    [0, 8, 8, 15, 45, 50],
  );
});

test('who has it through no class any more may finish', () => {
  expect(standsAt(timesOf([], 5), 10 ** 12)).toBe('open');
});

test('a moment is said in the time zone of the school, with the day of the week, and the year only where it is another', () => {
  const at = Date.UTC(2027, 3, 16, 16, 0);
  expect(momentSaid(at, 'Europe/Vienna', at)).toBe('Fri 16 Apr, 18:00');
  expect(momentSaid(at, 'America/New_York', at)).toBe('Fri 16 Apr, 12:00');
  expect(momentSaid(Date.UTC(2026, 11, 31, 23, 5), 'Asia/Tokyo', Date.UTC(2026, 11, 31))).toBe(
    'Fri 1 Jan 2027, 08:05',
  );
  expect(momentSaid(Date.UTC(2027, 0, 1), 'UTC', at)).toBe('Fri 1 Jan, 00:00');
  expect([isZone('Europe/Vienna'), isZone('Nowhere/Here'), isZone('')]).toEqual([
    true,
    false,
    false,
  ]);
});

test.each([
  [30_000, 'less than a minute'],
  [60_000, '1 minute'],
  [90 * 60_000, '90 minutes'],
  [3 * 3_600_000, '3 hours'],
  [47 * 3_600_000, '47 hours'],
  [50 * 3_600_000, '2 days'],
])('%i ms last %s', (lasts, says) => {
  expect(lastsSaid(lasts)).toBe(says);
});

describe('the minutes of a try', () => {
  const HOUR = 3_600_000;
  const exam: Times = { ...ALWAYS, closesAt: 10 * HOUR, minutes: 90, lateOff: 10 };

  test('run from when it is begun, and shut it as it stands, whatever else may come late', () => {
    const own = timesOfTry(exam, HOUR);
    expect(own).toMatchObject({ closesAt: 2.5 * HOUR, late: 'refused', lateOff: 0 });
    expect(isClosed(own, 2.5 * HOUR + GRACE - 1)).toBe(false);
    expect(isClosed(own, 2.5 * HOUR + GRACE)).toBe(true);
    expect(lateOffOf(own, 2.5 * HOUR + 2 * GRACE, 100)).toBe(0);
  });

  test('begun shortly before it closes, what may come late still may, until they are over', () => {
    const own = timesOfTry(exam, 9.5 * HOUR);
    expect(own).toMatchObject({ closesAt: 10 * HOUR, late: 'told', lateOff: 10 });
    expect(isClosed(own, 10.5 * HOUR)).toBe(false);
    expect(isClosed(own, 11 * HOUR + GRACE)).toBe(true);
  });

  test('do not run before it is begun; of several classes the longest hold, or none where one has none', () => {
    expect(timesOfTry(exam, null)).toEqual(exam);
    expect(timesOf([exam, { ...exam, minutes: 30 }]).minutes).toBe(90);
    expect(timesOf([exam, { ...exam, minutes: null }]).minutes).toBeNull();
  });

  test('never take away what somebody has alone', () => {
    fc.assert(
      fc.property(times, fc.integer({ min: 0, max: 10 ** 9 }), moment, (all, begun, more) => {
        const own = timesOfTry(timesOf([all], more), begun);
        if (more !== null) expect(isClosed(own, more - 1)).toBe(false);
        expect(isClosed(own, begun)).toBe(isClosed(timesOf([all], more), begun));
      }),
    );
  });
});

describe('what counts of several tries', () => {
  const marks = [
    { points: 50, of: 100 },
    { points: 45, of: 60 },
    { points: 61, of: 100 },
  ];

  test('the best by its share, the last, or the mean of the shares in points of the last', () => {
    expect(countedMark(marks, 'best')).toEqual({ points: 45, of: 60 });
    expect(countedMark(marks, 'last')).toEqual({ points: 61, of: 100 });
    expect(countedMark(marks, 'mean')).toEqual({ points: 62, of: 100 });
  });

  test('nothing of none; out of nothing is nothing', () => {
    expect(countedMark([], 'best')).toBeNull();
    expect(countedMark([{ points: 0, of: 0 }], 'mean')).toEqual({ points: 0, of: 0 });
  });
});
