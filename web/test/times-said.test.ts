import type { TimesShown } from '@gleddo/contract';
import {
  cameInSaid,
  isAhead,
  isShut,
  isSoon,
  spanSaid,
  timesSaid,
} from '../src/platform/times/times-said';

const ZONE = 'Europe/Vienna';
const at = (iso: string) => Date.parse(iso);
const TIMES: TimesShown = {
  ...{ opensAt: '2027-04-05T06:00:00Z', closesAt: '2027-04-16T16:00:00Z' },
  ...{ late: 'refused', lateOff: 0, zone: ZONE },
  ...{ minutes: null, shutsAt: null, tries: 1, counts: 'best' },
};

test.each([
  ['2027-04-05T03:00:00Z', 'opens Mon 5 Apr, 08:00, in 3 hours'],
  ['2027-04-05T06:00:00Z', 'closes Fri 16 Apr, 18:00, in 11 days'],
  ['2027-04-16T15:59:30Z', 'closes Fri 16 Apr, 18:00, in less than a minute'],
  ['2027-04-16T16:00:00Z', 'closed Fri 16 Apr, 18:00'],
])('at %s it %s', (now, says) => {
  expect(timesSaid(TIMES, at(now))).toBe(says);
});

test('what has no times says none; what may come late says that', () => {
  const always: TimesShown = {
    opensAt: null,
    closesAt: null,
    late: 'refused',
    lateOff: 0,
    ...{ minutes: null, shutsAt: null, tries: 1, counts: 'best' },
    zone: ZONE,
  };
  expect(timesSaid(always, 0)).toBe('');
  const late: TimesShown = { ...TIMES, late: 'told' };
  expect(timesSaid(late, at('2027-04-17T00:00:00Z'))).toMatch(/may still come late$/);
  const costs = { ...late, lateOff: 15 };
  expect(timesSaid(costs, at('2027-04-17T00:00:00Z'))).toMatch(
    /may still come late: 15 % off for each day begun$/,
  );
  expect(timesSaid(costs, at('2027-04-16T15:00:00Z'))).toBe(
    'closes Fri 16 Apr, 18:00, in 60 minutes, then 15 % off for each day begun',
  );
});

test('the last hour is soon; only what refuses late work is shut, after its grace', () => {
  expect(isSoon(TIMES, at('2027-04-16T14:59:00Z'))).toBe(false);
  expect(isSoon(TIMES, at('2027-04-16T15:01:00Z'))).toBe(true);
  expect(isSoon(TIMES, at('2027-04-16T16:01:00Z'))).toBe(false);
  expect(isShut(TIMES, at('2027-04-16T16:00:30Z'))).toBe(false);
  expect(isShut(TIMES, at('2027-04-16T16:01:00Z'))).toBe(true);
  expect(isShut({ ...TIMES, late: 'told' }, at('2027-04-17T16:01:00Z'))).toBe(false);
  expect(isAhead(TIMES, at('2027-04-05T05:59:00Z'))).toBe(true);
});

test('an instructor reads from when to when, and what becomes of late work', () => {
  const now = at('2027-04-01T00:00:00Z');
  expect(spanSaid(TIMES, now)).toBe(
    'from Mon 5 Apr, 08:00 until Fri 16 Apr, 18:00; then handed in as it stands',
  );
  expect(spanSaid({ ...TIMES, opensAt: null, late: 'told' }, now)).toBe(
    'until Fri 16 Apr, 18:00; late work is told',
  );
  expect(spanSaid({ ...TIMES, opensAt: null, late: 'told', lateOff: 10 }, now)).toBe(
    'until Fri 16 Apr, 18:00; late work has 10 % off for each day begun',
  );
  expect(spanSaid({ ...TIMES, closesAt: null }, now)).toBe('from Mon 5 Apr, 08:00');
  expect(spanSaid({ ...TIMES, opensAt: null, closesAt: null }, now)).toBe('always open');
});

test('how work came in is said where it is worth a word', () => {
  expect(cameInSaid({ byItself: false, lateBy: 0, wishedAt: null })).toBe('');
  expect(cameInSaid({ byItself: true, lateBy: 0, wishedAt: null })).toBe(
    'handed in by itself when it closed',
  );
  expect(cameInSaid({ byItself: false, lateBy: 7_200_000, wishedAt: null })).toBe(
    'late by 2 hours',
  );
});
