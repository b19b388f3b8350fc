import type { ExerciseAnswer, TrialRun } from '@gleddo/contract';
import { ruleSetOf, rulesOfTry, setsOf, type AnswerKey, type Book } from '@gleddo/core';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import type { LookedAt } from '../handing-out/look-through';
import { spanSaid } from '../../platform/times/times-said';
import type { ErrandId } from './errands';

/** What of an exercise is known so far: what is still fetched or reckoned is null. */
export interface KnownOfIt {
  readonly exercise: ExerciseAnswer;
  readonly key: { readonly made: AnswerKey; readonly start: Book } | null;
  readonly looked: LookedAt | null;
  readonly trialRun: TrialRun | null;
}

/** One line of an errand; `is`: done, still open, or neither. */
export interface StandsLine {
  readonly says: string;
  readonly is?: 'done' | 'open';
}

const listed = (...parts: readonly (string | false)[]): string =>
  parts.filter((part) => part !== false).join(', ');

const some = (count: number, one: string, many?: string): string | false =>
  count > 0 && counted(count, one, many);

function asked({ exercise, looked }: KnownOfIt): StandsLine[] {
  const { steps = [], sheets = [] } = exercise.guide;
  const questions = exercise.keyRules.questions ?? [];
  const what = listed(
    some(steps.length, 'step'),
    some(sheets.length, 'paper'),
    some(questions.length, 'question'),
  );
  const hasWords = exercise.brief.trim() !== '' || steps.length > 0;
  if (!hasWords) return [{ says: 'nothing is said yet', is: 'open' }];
  return [{ says: what || 'a brief, without steps' }, ...canBeKnown(looked)];
}

function canBeKnown(looked: LookedAt | null): StandsLine[] {
  if (!looked) return [];
  const { untold, givesAway } = looked.found;
  if (untold.length > 0)
    return [{ says: `${counted(untold.length, 'thing')} nobody can know`, is: 'open' }];
  return givesAway.length > 0
    ? [{ says: 'an answer is given away', is: 'open' }]
    : [{ says: 'a student can know all of it', is: 'done' }];
}

function right({ exercise, key }: KnownOfIt): StandsLine[] {
  const { accepts = [], acceptsEntries = [] } = exercise.keyRules;
  const names = accepts.reduce((sum, each) => sum + (each.names?.length ?? 0), 0);
  const calls = accepts.filter(({ types = [] }) => types.length > 0).length;
  const days = acceptsEntries.filter(({ from, to }) => from !== to).length;
  const also = listed(
    some(calls, 'judgement call'),
    some(names, 'other name'),
    some(days, 'other day'),
  );
  const lines: StandsLine[] = [];
  if (key) lines.push({ says: sizeOf(key.made.book) });
  lines.push({ says: also || 'nothing accepted besides' });
  return lines;
}

const sizeOf = ({ accounts, entries }: Book): string =>
  listed(
    counted(accounts.filter(({ retired }) => !retired).length, 'account'),
    some(entries.length, 'entry', 'entries'),
  );

const SET_NAMES = { learn: 'to learn', test: 'a test' } as const;

function done({ exercise, key }: KnownOfIt): StandsLine[] {
  const set = ruleSetOf(rulesOfTry(exercise));
  const how = set ? SET_NAMES[set] : 'rules of your own';
  if (!key) return [{ says: how }];
  const { accounts, entries } = key.start;
  const from = accounts.length === 0 ? 'from nothing' : `from ${sizeOf({ ...key.start, entries })}`;
  return [{ says: `${how}, ${from}` }, { says: figuresOf(key.made) }];
}

const MANY_SETS = 1_000_000;

function figuresOf({ book, figures }: AnswerKey): string {
  if (!figures) return 'the same figures for all';
  if (!figures.each) return 'own figures by quantity';
  const sets = setsOf(book, figures.each);
  return `own figures: ${sets >= MANY_SETS ? 'over a million' : sets.toLocaleString('en')} sets`;
}

const tried = ({ trialRun }: KnownOfIt): StandsLine[] => {
  if (!trialRun) return [];
  if (trialRun.bookId === null) return [{ says: 'not tried yet', is: 'open' }];
  const when = trialRun.begunAt ? momentText(trialRun.begunAt) : '';
  return [{ says: trialRun.spoilt ? 'a spoilt copy, made' : 'begun by you' }, { says: when }];
};

function out({ exercise }: KnownOfIt): StandsLine[] {
  const { handedOutTo, handedIn, begun } = exercise;
  const [first, ...others] = handedOutTo;
  if (!first) return [{ says: 'not handed out yet', is: 'open' }];
  const more = others.length > 0 ? ` and ${counted(others.length, 'other')}` : '';
  const when = spanSaid(first.times, Date.now()).split(';')[0] ?? '';
  const waiting = handedIn > 0 ? `, ${handedIn} to mark` : '';
  return [{ says: `${first.name}${more}` }, { says: `${begun} begun${waiting}` }, { says: when }];
}

/** What stands of each errand and what is still open, in a line or two. */
export const WHAT_STANDS: Readonly<Record<ErrandId, (known: KnownOfIt) => StandsLine[]>> = {
  asked,
  right,
  done,
  tried,
  out,
};
