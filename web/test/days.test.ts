import { longDay, momentText, periodText } from '../src/platform/figures/days';

test('a day is that day wherever one is; the year of a period is said once', () => {
  expect(longDay('2027-09-05')).toBe('5 Sep 2027');
  expect(periodText({ from: '2027-01-01', to: '2027-03-31' })).toBe('1 Jan – 31 Mar 2027');
  expect(periodText({ from: '2026-12-01', to: '2027-01-31' })).toBe('1 Dec 2026 – 31 Jan 2027');
});

test('a moment is told by the clock here', () => {
  const local = new Date(2027, 3, 14, 9, 5);
  expect(momentText(local.toISOString())).toBe('14 Apr 2027, 09:05');
});

test('what is no date is told as it is written', () => {
  expect(longDay('31 June')).toBe('31 June');
  expect(momentText('soon')).toBe('soon');
});
