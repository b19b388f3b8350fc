import type { AtWorkRow } from '@gleddo/contract';
import { agoSaid, byNeed, goingOf, holdsUp } from '../src/marking/at-work/stuck';

const NOW = Date.parse('2027-04-14T16:00:00Z');
const minutesAgo = (n: number): string => new Date(NOW - n * 60_000).toISOString();

const row = (student: string, more: Partial<AtWorkRow> = {}): AtWorkRow => ({
  ...{ personId: student, student, tryId: `t-${student}`, bookId: `b-${student}`, shares: [] },
  ...{ state: 'working', here: null, next: null, lastAt: minutesAgo(1), handedInAt: null },
  ...{ checks: 0, hints: 0, asks: false, unseen: 0 },
  ...more,
});

const TESS = row('Tess', { lastAt: minutesAgo(38), next: 'Allowance' });
const NICO = row('Nico', { lastAt: minutesAgo(19), next: 'Allowance' });
const LIOR = row('Lior', { asks: true, next: 'the entry of 31 March' });
const ADE = row('Ade', { next: 'Allowance' });
const UMAR = row('Umar', { state: 'not-started', tryId: null, lastAt: null });
const HUGH = row('Hugh', { state: 'handed-in', lastAt: minutesAgo(500) });
const BEA = row('Bea', { lastAt: minutesAgo(60 * 24), next: 'Allowance' });

test('who asks and who has rested long is told from who goes on, is away, is done, has not begun', () => {
  expect([LIOR, TESS, ADE, BEA, HUGH, UMAR].map((each) => goingOf(each, NOW))).toEqual([
    ...['asks', 'stuck', 'going', 'away', 'in', 'not-begun'],
  ]);
  expect(goingOf(row('x', { lastAt: minutesAgo(10) }), NOW)).toBe('going');
});

test('who needs somebody stands first, and of those the longest stuck', () => {
  const all = [UMAR, HUGH, BEA, ADE, NICO, TESS, LIOR];
  expect(byNeed(all, NOW).map(({ student }) => student)).toEqual([
    ...['Lior', 'Tess', 'Nico', 'Ade', 'Bea', 'Hugh', 'Umar'],
  ]);
});

test('what holds up most of them stands first; who goes on is held up by nothing', () => {
  expect(holdsUp([LIOR, TESS, NICO, ADE, BEA], NOW)).toEqual([
    { what: 'Allowance', who: [TESS, NICO] },
    { what: 'the entry of 31 March', who: [LIOR] },
  ]);
});

test('how long ago is said as one says it', () => {
  const said = [0, 59_000, 240_000, 2 * 3_600_000, 26 * 3_600_000, 60 * 3_600_000].map(agoSaid);
  expect(said).toEqual(['now', 'now', '4 min', '2 h', '1 day', '2 days']);
});
