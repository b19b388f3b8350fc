import type { Book, Entry } from '../../model/book/book.js';
import { counterparts } from '../../model/book/since-start.js';
import { isMade } from '../../accounting/document/document-entries.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide, SourceSheet, Step } from '../../model/exercise-shapes/guide.js';
import { givenByStart } from './asked.js';
import { saidOn } from '../../model/place/writing.js';

const count = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

interface Proposed {
  readonly step: Step;
  readonly sheets: readonly SourceSheet[];
}

const alone = (step: Step): Proposed => ({ step, sheets: [] });
const withSheet = (step: Step, sheet: SourceSheet): Proposed => ({
  step: { ...step, sheets: [sheet.id] },
  sheets: [sheet],
});

function lookStep(start: Book): Proposed[] {
  if (start.accounts.length < 3) return [];
  return [
    alone({
      id: 'look',
      title: 'Look through the chart',
      words: `The chart of ${start.company.name} stands already. See what is there, and under which headings, before you change anything.`,
    }),
  ];
}

/** The step that asks for a place for what stands there without one. */
export const PLACE_STEP = 'place';

function placeStep(start: Book): Proposed[] {
  const waiting = start.accounts.filter(({ type }) => type === null).length;
  if (waiting === 0) return [];
  return [
    alone({
      id: PLACE_STEP,
      title: 'Put each where it belongs',
      words: `${count(waiting, 'account has', 'accounts have')} no place yet: on which statement, in which section, under which type does each belong?`,
    }),
  ];
}

function accountsStep(start: Book, key: AnswerKey): Proposed[] {
  const there = counterparts(start, key.book);
  const ids = key.book.accounts
    .filter(({ id, retired }) => !retired && !there.has(id))
    .map(({ id }) => id);
  if (ids.length === 0) return [];
  const step = {
    id: 'accounts',
    title: count(ids.length, 'account to add', 'accounts to add'),
    words: 'Set up the accounts on the list, each at its place.',
    accounts: ids,
  };
  return [
    withSheet(step, {
      id: 'accounts',
      title: 'Accounts to add',
      kind: 'accounts',
      step: 'accounts',
    }),
  ];
}

function openingsStep(start: Book, key: AnswerKey): Proposed[] {
  const { openings: given } = givenByStart(start, key);
  const ids = Object.keys(key.book.opening.balances).filter((id) => !given.has(id));
  if (ids.length === 0) return [];
  const day = saidOn(key.book, key.book.opening.date);
  const step = {
    id: 'openings',
    title: 'Opening balances',
    words: `Copy the balance sheet of ${day}. What lowers an asset stands in brackets there; it is entered as it is, on its own side.`,
    openings: ids,
    figures: [{ name: 'Total debits', says: 'debits()' }],
  };
  return [
    withSheet(step, { id: 'balances', title: 'Balance sheet', kind: 'balances', step: 'openings' }),
  ];
}

const isAdjusting = ({ kind }: Entry): boolean => kind === 'adjusting';

function papersStep(start: Book, key: AnswerKey): Proposed[] {
  const { documents: given } = givenByStart(start, key);
  const ids = (key.book.subledgers?.documents ?? [])
    .map(({ id }) => id)
    .filter((id) => !given.has(id));
  if (ids.length === 0) return [];
  const step = {
    id: 'papers',
    title: count(ids.length, 'paper to enter', 'papers to enter'),
    words: 'Enter what the papers say, in the order of their days.',
    documents: ids,
    figures: [{ name: 'Total of the trial balance', says: 'trial()' }],
  };
  return [withSheet(step, { id: 'papers', title: 'Papers', kind: 'papers', step: 'papers' })];
}

function entriesStep(
  entries: readonly Entry[],
  { id, title, words }: { id: string; title: string; words: string },
  figures: NonNullable<Step['figures']>,
): Proposed[] {
  if (entries.length === 0) return [];
  const step = { id, title, words, entries: entries.map((each) => each.id), figures };
  return [withSheet(step, { id, title, kind: 'happenings', step: id })];
}

function readStep(key: AnswerKey): Proposed[] {
  const questions = key.questions.map(({ id }) => id);
  return [
    alone({
      id: 'read',
      title: 'Read the statements',
      words:
        questions.length > 0
          ? 'The books are kept. Answer from the statements.'
          : 'The books are kept. Look at both statements, and at what each account does there.',
      ...(questions.length > 0 ? { questions } : {}),
    }),
  ];
}

/**
 * A guide that a key and a start propose: what is to be set up, opened, recorded and adjusted, step by step, with the papers
 * to copy from and figures to test oneself by. It says the names and amounts of the key and nothing of its places.
 */
export function proposedGuide(key: AnswerKey, start: Book): Guide {
  const { entries: given } = givenByStart(start, key);
  const own = key.book.entries.filter(
    (entry) => !isMade(entry) && !given.has(entry.id) && entry.kind !== 'opening',
  );
  const trial = [{ name: 'Total of the trial balance', says: 'trial()' }];
  const profit = [{ name: 'Profit for the period', says: 'total("profit")' }];
  const proposed = [
    ...lookStep(start),
    ...placeStep(start),
    ...accountsStep(start, key),
    ...openingsStep(start, key),
    ...papersStep(start, key),
    ...entriesStep(
      own.filter((entry) => !isAdjusting(entry)),
      { id: 'entries', title: 'The entries of the period', words: 'Record what happened.' },
      trial,
    ),
    ...entriesStep(
      own.filter(isAdjusting),
      {
        id: 'adjusting',
        title: 'Adjustments',
        words: 'Before the statements are drawn up: what is used up, earned, owed by now?',
      },
      profit,
    ),
    ...readStep(key),
  ];
  return {
    steps: proposed.map(({ step }) => step),
    sheets: proposed.flatMap(({ sheets }) => sheets),
  };
}
