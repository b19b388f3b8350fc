const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

const partsIn = (zone: string, at: number, how: Intl.DateTimeFormatOptions) =>
  Object.fromEntries(
    new Intl.DateTimeFormat('en-GB', { timeZone: zone, hourCycle: 'h23', ...how })
      .formatToParts(at)
      .map(({ type, value }) => [type, value]),
  );

/** The day (yyyy-mm-dd), hour and minute that a clock in a time zone (IANA) shows at a moment. */
export function dayIn(
  zone: string,
  at: number,
): { readonly day: string; readonly hour: number; readonly minute: number } {
  const { year, month, day, hour, minute } = partsIn(zone, at, {
    ...{ year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit' },
  });
  return { day: `${year}-${month}-${day}`, hour: Number(hour), minute: Number(minute) };
}

/**
 * A moment so many days later, at the same time of the day as a clock in a time zone (IANA) shows it, whatever became of summer
 * time between; a time that the clock passes over is the one after it.
 */
export function daysLater(zone: string, at: number, days: number): number {
  const wanted = wallClock(zone, at) + days * DAY;
  let found = at + days * DAY;
  for (let i = 0; i < 2; i++) found += wanted - wallClock(zone, found);
  return found;
}

/** What a clock in a zone shows, as if it were UTC. */
function wallClock(zone: string, at: number): number {
  const { day, hour, minute } = dayIn(zone, at);
  return Date.parse(`${day}T00:00:00Z`) + hour * HOUR + minute * MINUTE + (at % MINUTE);
}

/** A moment as people say it in a time zone (IANA): `Fri 16 Apr, 18:00`; with the year where it is another one than now. */
export function momentSaid(at: number, zone: string, now: number): string {
  const parts = (of: number) =>
    partsIn(zone, of, {
      ...{ weekday: 'short', day: 'numeric', month: 'short' },
      ...{ year: 'numeric', hour: '2-digit', minute: '2-digit' },
    });
  const { weekday, day, month, year, hour, minute } = parts(at);
  const ofYear = year === parts(now)['year'] ? '' : ` ${year}`;
  return `${weekday} ${day} ${month}${ofYear}, ${hour}:${minute}`;
}

const counted = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;

/** How long something lasts, in the largest unit that says enough: `3 hours`, `20 minutes`, `2 days`. */
export function lastsSaid(lasts: number): string {
  if (lasts < MINUTE) return 'less than a minute';
  if (lasts < 2 * HOUR) return counted(Math.floor(lasts / MINUTE), 'minute');
  return lasts < 2 * DAY
    ? counted(Math.floor(lasts / HOUR), 'hour')
    : counted(Math.floor(lasts / DAY), 'day');
}

/** Whether a text names a time zone. */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return zone !== '';
  } catch {
    return false;
  }
}
