import type { Account, Book, Entry } from '../../model/book/book.js';
import { keyScope, rightAnswer } from '../../assessment/question/right-answer.js';
import { takenFor } from '../../assessment/mixup/index.js';
import type { Exercise } from '../../teaching/exercise/index.js';

/** What goes wrong in a work of the sample, each by the place of what it goes wrong with. */
export interface SampleFaults {
  /** Accounts that are taken for something else: the first, the second … of those to be placed or added. */
  readonly misplaced?: readonly number[];
  /** Entries that are left out. */
  readonly leftOut?: readonly number[];
  /** Entries with debit and credit exchanged. */
  readonly turned?: readonly number[];
  /** Entries with their first two figures exchanged. */
  readonly miswritten?: readonly number[];
  /** Questions that are answered wrongly. */
  readonly unknown?: readonly number[];
  /** How much was done at all, from 0 to 1. */
  readonly done?: number;
}

interface SampleWork {
  readonly work: Book;
  /** By question. */
  readonly answers: ReadonlyMap<string, string>;
}

/** What accounts a student has to do something about: those without a place, and those that are not there yet. */
function accountsToDo({ key, start }: Exercise): {
  readonly there: Account[];
  readonly new: Account[];
} {
  const there = start.accounts.filter(({ type }) => type === null);
  const known = new Set(start.accounts.map(({ name }) => name));
  return { there, new: key.book.accounts.filter(({ name }) => !known.has(name)) };
}

/** What a beginner takes an account for. */
const takenInstead = ({ start }: Exercise, type: string | null): string | null =>
  (type === null ? undefined : takenFor(start.scheme, type)[0]) ?? type;

/** Accounts placed as the key has them, but for those that are misplaced; what came after the end is not done. */
function placed(exercise: Exercise, { misplaced = [], done = 1 }: SampleFaults): Account[] {
  const { key, start } = exercise;
  const types = new Map(key.book.accounts.map(({ name, type }) => [name, type]));
  const { there, new: added } = accountsToDo(exercise);
  const all = [...there, ...added];
  const end = Math.round(all.length * done);
  const typeFor = (account: Account): string | null => {
    const type = types.get(account.name) ?? account.type;
    return misplaced.includes(all.indexOf(account)) ? takenInstead(exercise, type) : type;
  };
  const finished = new Set(all.slice(0, end));
  return [
    ...start.accounts.map((each) => (finished.has(each) ? { ...each, type: typeFor(each) } : each)),
    ...added
      .filter((each) => finished.has(each))
      .map((each) => ({ ...each, parent: null, type: typeFor(each) })),
  ];
}

/** `4,500` becomes `5,400`. */
function exchanged(amount: number): number {
  const [first = '', second = '', ...rest] = String(Math.abs(amount));
  return Math.sign(amount) * Number([second, first, ...rest].join(''));
}

/** An entry of the key with a fault in it, if it has one. */
function withFault(entry: Entry, i: number, { turned = [], miswritten = [] }: SampleFaults): Entry {
  const amountFor = (amount: number): number => {
    if (turned.includes(i)) return -amount;
    return miswritten.includes(i) && entry.lines.length === 2 ? exchanged(amount) : amount;
  };
  return {
    ...entry,
    lines: entry.lines.map((line) => ({ ...line, amount: amountFor(line.amount) })),
  };
}

/** Entries of the key, on the accounts that the work has; on one that is not there nothing is recorded. */
function recorded(exercise: Exercise, accounts: readonly Account[], faults: SampleFaults): Entry[] {
  const { key, start } = exercise;
  const names = new Map(key.book.accounts.map(({ id, name }) => [id, name]));
  const idOf = new Map(accounts.map(({ id, name }) => [name, id]));
  const own = (account: string): string | undefined => idOf.get(names.get(account) ?? '');
  const given = new Set(start.entries.map(({ id }) => id));
  const asked = key.book.entries.filter(({ id }) => !given.has(id));
  const end = Math.round(asked.length * (faults.done ?? 1));
  return asked
    .slice(0, end)
    .map((entry, i) => withFault(entry, i, faults))
    .filter(
      (entry, i) => !faults.leftOut?.includes(i) && entry.lines.every((line) => own(line.account)),
    )
    .map((entry) => ({
      ...entry,
      lines: entry.lines.map((line) => ({ ...line, account: own(line.account) ?? line.account })),
    }));
}

/** What somebody answers; a wrong answer is another choice, or nothing. */
function answered({ key }: Exercise, work: Book, { unknown = [], done = 1 }: SampleFaults) {
  const scope = keyScope(key);
  const idOf = new Map(work.accounts.map(({ id, name }) => [name, id]));
  const answers = new Map<string, string>();
  for (const [i, question] of key.questions.entries()) {
    const right = rightAnswer(question, key.book, scope);
    if (!right.ok || done < 1) continue;
    const { value } = right;
    const isWrong = unknown.includes(i);
    if (value.kind === 'choice')
      answers.set(
        question.id,
        isWrong ? String(value.right.includes(0) ? 1 : 0) : value.right.join(','),
      );
    else if (isWrong) continue;
    else if (value.kind === 'figure') answers.set(question.id, value.value.toFixed(2));
    else if (value.kind === 'account') {
      const name = key.book.accounts.find(({ id }) => id === value.accounts[0])?.name ?? '';
      answers.set(question.id, idOf.get(name) ?? '');
    } else answers.set(question.id, value.text);
  }
  return answers;
}

/** A work of an exercise as a beginner leaves it: all as the key has it, but for its faults. */
export function sampleWork(exercise: Exercise, faults: SampleFaults): SampleWork {
  const accounts = placed(exercise, faults);
  const entries = [...exercise.start.entries, ...recorded(exercise, accounts, faults)];
  const work = { ...exercise.start, accounts, entries };
  return { work, answers: answered(exercise, work, faults) };
}
