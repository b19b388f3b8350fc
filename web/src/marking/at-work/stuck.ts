import type { AtWorkRow } from '@gleddo/contract';

const MINUTE = 60_000;
/** Whoever works and has changed nothing for so long is stuck; for longer than the other, they are not there. */
const STUCK_AFTER = 10 * MINUTE;
const AWAY_AFTER = 180 * MINUTE;

export type Going = 'asks' | 'stuck' | 'going' | 'away' | 'in' | 'not-begun';

/** How long nothing has changed, in milliseconds. */
export const restedFor = ({ lastAt }: AtWorkRow, now: number): number =>
  lastAt === null ? 0 : Math.max(0, now - Date.parse(lastAt));

/** How it goes with somebody: by what they ask, and by how long they have done nothing. */
export function goingOf(row: AtWorkRow, now: number): Going {
  if (row.asks) return 'asks';
  if (row.state === 'not-started') return 'not-begun';
  if (row.state !== 'working') return 'in';
  const rested = restedFor(row, now);
  if (rested > AWAY_AFTER) return 'away';
  return rested > STUCK_AFTER ? 'stuck' : 'going';
}

const ORDER: readonly Going[] = ['asks', 'stuck', 'going', 'away', 'in', 'not-begun'];

/** Who needs somebody first; of those who are stuck, who has been longest. */
export function byNeed(rows: readonly AtWorkRow[], now: number): AtWorkRow[] {
  const place = new Map(rows.map((row) => [row, ORDER.indexOf(goingOf(row, now))]));
  const rested = (row: AtWorkRow) => (goingOf(row, now) === 'stuck' ? -restedFor(row, now) : 0);
  return [...rows].sort(
    (a, b) => (place.get(a) ?? 0) - (place.get(b) ?? 0) || rested(a) - rested(b),
  );
}

/** How long ago, as one says it: `now`, `4 min`, `2 h`, `3 days`. */
export function agoSaid(ms: number): string {
  const minutes = Math.floor(ms / MINUTE);
  if (minutes < 1) return 'now';
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 24) return `${hours} h`;
  const days = Math.floor(hours / 24);
  return days === 1 ? '1 day' : `${days} days`;
}

/** What holds up those who are stuck, what holds up most first. */
export function holdsUp(rows: readonly AtWorkRow[], now: number) {
  const found = new Map<string, AtWorkRow[]>();
  for (const row of rows) {
    if (row.next === null || !['asks', 'stuck'].includes(goingOf(row, now))) continue;
    found.set(row.next, [...(found.get(row.next) ?? []), row]);
  }
  return [...found]
    .map(([what, who]) => ({ what, who }))
    .sort((a, b) => b.who.length - a.who.length || a.what.localeCompare(b.what));
}
