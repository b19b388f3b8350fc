import type { CameIn, TimesShown } from '@gleddo/contract';
import { momentText } from '../figures/days';
import {
  isClosed,
  lastsSaid,
  momentSaid,
  standsAt,
  type CountsRule,
  type Times,
} from '@gleddo/core';

const momentOf = (iso: string | null): number | null => (iso === null ? null : Date.parse(iso));

/** Times as the core reckons with them. */
export const timesIn = ({ opensAt, closesAt, shutsAt, zone: _, ...rest }: TimesShown): Times => ({
  ...{ opensAt: momentOf(opensAt), closesAt: momentOf(closesAt), shutsAt: momentOf(shutsAt) },
  ...{ ...rest, moreUntil: null },
});

/** What is said of opening and closing: when, and how long that is from now; nothing where it is always open. */
export function timesSaid(shown: TimesShown, now: number): string {
  const times = timesIn(shown);
  const said = (at: number) => momentSaid(at, shown.zone, now);
  if (times.opensAt !== null && standsAt(times, now) === 'before')
    return `opens ${said(times.opensAt)}, in ${lastsSaid(times.opensAt - now)}`;
  if (times.closesAt === null) return '';
  if (now < times.closesAt)
    return `closes ${said(times.closesAt)}, in ${lastsSaid(times.closesAt - now)}${offSaid(times, ', then')}`;
  const may = times.late === 'told' ? `, may still come late${offSaid(times, ':')}` : '';
  return `closed ${said(times.closesAt)}${may}`;
}

/** What each day takes off that work comes late, after a word that leads there; nothing where it costs nothing. */
const offSaid = ({ late, lateOff }: Pick<Times, 'late' | 'lateOff'>, lead: string): string =>
  late === 'told' && lateOff > 0 ? `${lead} ${lateOff} % off for each day begun` : '';

/** From when to when a class has it, and what becomes of late work: as its instructor reads it. */
export function spanSaid({ opensAt, closesAt, zone, ...after }: TimesShown, now: number): string {
  const said = (iso: string) => momentSaid(Date.parse(iso), zone, now);
  const opens = opensAt === null ? '' : `from ${said(opensAt)}`;
  const told = offSaid(after, 'late work has') || 'late work is told';
  const then = after.late === 'told' ? told : 'then handed in as it stands';
  const closes = closesAt === null ? '' : `until ${said(closesAt)}; ${then}`;
  const span = [opens, closes].filter(Boolean).join(' ') || 'always open';
  return [span, ...triesSaid(after)].join('; ');
}

/** Which of several tries counts, in words. */
export const COUNTS_SAID: Readonly<Record<CountsRule, string>> = {
  best: 'the best counts',
  last: 'the last counts',
  mean: 'their mean counts',
};

/** How long a try lasts and how often one may try, where that is not as usual: each in a few words. */
function triesSaid({
  minutes,
  tries,
  counts,
}: Pick<TimesShown, 'minutes' | 'tries' | 'counts'>): string[] {
  return [
    ...(minutes === null ? [] : [`${minutes} minutes a try`]),
    ...(tries === 1 ? [] : [`${tries} tries, ${COUNTS_SAID[counts]}`]),
  ];
}

/** Whether less than an hour is left. */
export const isSoon = ({ closesAt }: TimesShown, now: number): boolean => {
  const left = (momentOf(closesAt) ?? Infinity) - now;
  return left > 0 && left < HOUR;
};

const HOUR = 3_600_000;

/** Whether the closing time ended it. */
export const isShut = (shown: TimesShown, now: number): boolean => isClosed(timesIn(shown), now);

/** Whether it has not opened yet. */
export const isAhead = (shown: TimesShown, now: number): boolean =>
  standsAt(timesIn(shown), now) === 'before';

/** How work came in, where that is worth a word. */
export function cameInSaid({ byItself, lateBy, wishedAt }: CameIn): string {
  const late = lateBy > 0 ? `late by ${lastsSaid(lateBy)}` : '';
  const came = byItself ? 'handed in by itself when it closed' : late;
  const wished = wishedAt === null ? '' : `wished ${momentText(wishedAt)}, without a line then`;
  return [came, wished].filter(Boolean).join(', ');
}
