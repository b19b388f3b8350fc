import { lastOfMonth } from './days.js';
import type { Token } from './token.js';
import { Told } from './told.js';

const NOT_ITS_DAY: ReadonlySet<string> = new Set([
  'from',
  'until',
  'to',
  'before',
  'due',
  'by',
  'after',
  'till',
  'since',
  'of',
  'payable',
  'through',
]);

const JOINS_A_DAY: ReadonlySet<string> = new Set(['on', 'at', 'in']);

/** `To be paid at the end of April`, `will pay on 3 May`: when something is paid that happens before. */
function isDueThen(tokens: readonly Token[], at: number): boolean {
  const before = tokens
    .slice(Math.max(0, at - 5), at)
    .map(({ word }) => word)
    .join(' ');
  return /\b(?:to be pay|will be pay|will pay|to pay|promise|due|payable|be due|to be repay|repayable)(?: \S+)?(?: (?:on|at|in|by))?$/.test(
    before,
  );
}

/** Whether a day is the one on which it happens, and not the end or beginning of something else. */
function isItsDay(tokens: readonly Token[], at: number): boolean {
  if (tokens[at]?.kind !== 'day') return false;
  const before = tokens[at - 1]?.word ?? '';
  const isPayday = tokens[at - 2]?.word === 'pay' && tokens.some(({ word }) => word === 'earn');
  const isAsOf =
    tokens[at - 2]?.word === 'owe' && tokens.slice(0, at).some(({ kind }) => kind === 'day');
  if (isPayday || isAsOf || isDueThen(tokens, at)) return false;
  const isWeek =
    before === 'to' && ['week', 'fortnight', 'period'].includes(tokens[at - 2]?.word ?? '');
  if (isWeek) return true;
  return !NOT_ITS_DAY.has(JOINS_A_DAY.has(before) ? (tokens[at - 2]?.word ?? '') : before);
}

/** The day of what a sentence tells: the first it says that is not the end or beginning of something else. */
export function dayOf(said: Told, day: string, year: number): string {
  const at = said.tokens.findIndex((_, i) => isItsDay(said.tokens, i));
  const found = said.tokens[at]?.day;
  if (found !== undefined) return found;
  if (said.tokens[0]?.word === 'in' && said.tokens[1]?.kind === 'month')
    return `${year}-${String(said.tokens[1].value).padStart(2, '0')}-01`;
  return said.has('end|end of year|year end|at close') ? lastOfMonth(day) : day;
}

/** A sentence without the day on which it happens: `on 3 May`, or a day at its beginning. */
export function withoutItsDay({ tokens }: Told): Told {
  const isJoint = (at: number) =>
    JOINS_A_DAY.has(tokens[at]?.word ?? '') && isItsDay(tokens, at + 1);
  const left = tokens.filter((_, at) => !isItsDay(tokens, at) && !isJoint(at));
  const isMonth = left[0]?.word === 'in' && left[1]?.kind === 'month';
  return new Told(isMonth ? left.slice(2) : left);
}

/** A day of the month that a bare number says; else the day before it. */
export const ofMonth = (day: string, number: number): string => {
  const found = `${day.slice(0, 8)}${String(number).padStart(2, '0')}`;
  return number >= 1 && found <= lastOfMonth(day) ? found : day;
};
