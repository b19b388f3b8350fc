import { accountOf, type Book } from '../../model/book/book.js';
import { sectionIdOf } from '../../model/book/place.js';
import { unknownNames, type UnknownName } from '../../assessment/account-checks/unknown-names.js';
import { givenIn } from '../../assessment/check/given.js';
import { checkById, faultOf } from '../../assessment/all-checks/check-list.js';
import type { Outcome } from '../../assessment/all-checks/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { PairedIds } from '../../assessment/key/paired-entries.js';
import type { KeptResult } from '../../assessment/mark/kept-result.js';
import { mixUpsInWork, type MixUpsInWork } from '../../assessment/mixup/index.js';
import { linesOfStatement } from '../../accounting/statement/lines.js';
import { columnOf, worst, type SurveyColumn } from './survey.js';

/** A column of a class's matrix with its name. */
export interface NamedColumn extends SurveyColumn {
  readonly name: string;
}

/** A fault of one work, for a list of what a class missed most. */
interface MissedFault {
  readonly id: string;
  readonly fault: string;
  readonly about: string;
}

/** What a class's overview shows of one checked work. */
export interface Overview {
  readonly columns: readonly NamedColumn[];
  /** Outcome by column id. */
  readonly cells: Readonly<Record<string, Outcome | 'none'>>;
  readonly missed: readonly MissedFault[];
  /** The section where the key has an account, and the one where the work has it. */
  readonly placements: readonly (readonly [from: string, to: string])[];
  /** What was asked to be told apart, and missed; absent in runs from before this was kept. */
  readonly mixUps?: MixUpsInWork;
  /** Names that the program does not know; absent in runs from before this was kept. */
  readonly unknownNames?: readonly UnknownName[];
}

const ORDER = { account: 0, book: 1, entry: 2, line: 3, question: 4 };
/** Of the statement lines, the totals tell enough in an overview. */
const SHOWN_LINES = new Set(['assets', 'liabilities', 'equity', 'profit']);

/** The accounts and entries of a key, in its order, as column ids. */
const knownSubjects = ({ book: key, questions }: AnswerKey): ReadonlyMap<string, number> =>
  new Map(
    [
      ...key.accounts.map((account) => `account:${account.id}`),
      ...key.entries.map((entry) => `entry:${entry.id}`),
      ...questions.map(({ id }) => `question:${id}`),
    ].map((id, i) => [id, i]),
  );

const isShown = ({ subject }: KeptResult): boolean =>
  subject.kind !== 'line' || SHOWN_LINES.has(subject.id);

function subjectName(key: Book, { subject, check, facts }: KeptResult): string {
  const { kind, id } = subject;
  if (kind === 'question') return String(facts['question'] ?? id);
  if (kind === 'setting') return String(facts['setting'] ?? id);
  if (kind === 'account') return accountOf(key, id)?.name ?? '';
  if (kind === 'entry') return key.entries.find((each) => each.id === id)?.text ?? '';
  if (kind === 'book') return checkById(check)?.title ?? check;
  const lines = (['balance-sheet', 'profit-and-loss'] as const).flatMap((statement) =>
    linesOfStatement(key.scheme, statement),
  );
  return lines.find((line) => line.id === id)?.name ?? id;
}

const named = (key: Book, column: SurveyColumn, result: KeptResult): NamedColumn => ({
  ...column,
  name:
    column.kind === 'book'
      ? (checkById(result.check)?.title ?? result.check)
      : subjectName(key, result) || column.id,
});

/** What was found of a work. */
interface OverviewOf {
  readonly results: readonly KeptResult[];
  readonly pairs: readonly PairedIds[];
  readonly start?: Book | null;
}

/** What a class's overview shows of a work checked with a key. */
export function overviewOf(
  answerKey: AnswerKey,
  work: Book,
  { results, pairs, start = null }: OverviewOf,
): Overview {
  const { book: key } = answerKey;
  const known = knownSubjects(answerKey);
  const names = new Set(known.keys());
  const outcomes = new Map<string, Outcome[]>();
  const columns = new Map<string, NamedColumn>();
  for (const result of results.filter(isShown)) {
    const column = columnOf(result, names);
    const list = outcomes.get(column.id) ?? [];
    if (list.length === 0) {
      columns.set(column.id, named(key, column, result));
      outcomes.set(column.id, list);
    }
    list.push(result.outcome);
  }
  return {
    columns: [...columns.values()].sort(
      (a, b) => ORDER[a.kind] - ORDER[b.kind] || (known.get(a.id) ?? 0) - (known.get(b.id) ?? 0),
    ),
    cells: Object.fromEntries([...outcomes].map(([id, all]) => [id, worst(all)])),
    missed: missedIn(key, results),
    placements: placementsOf(key, work, pairs),
    mixUps: mixUpsInWork(answerKey, work, { pairs, isGiven: givenBy(answerKey, start) }),
    unknownNames: unknownNames(answerKey, work, pairs),
  };
}

const givenBy = (key: AnswerKey, start: Book | null): ((account: string) => boolean) => {
  const given = start ? givenIn(start, key.book).accounts : null;
  return (account) => given?.has(account) ?? false;
};

const missedIn = (key: Book, results: readonly KeptResult[]): MissedFault[] =>
  results
    .filter(({ outcome }) => outcome === 'not-met')
    .map((result) => ({
      id: `${result.check}:${result.subject.id}`,
      fault: faultOf(result),
      about: result.subject.kind === 'book' ? '' : subjectName(key, result),
    }));

function placementsOf(
  key: Book,
  work: Book,
  pairs: readonly PairedIds[],
): (readonly [string, string])[] {
  return pairs.flatMap(({ keys, works }) => {
    const right = accountOf(key, keys[0] ?? null);
    const placed = accountOf(work, works[0] ?? null);
    return right && placed ? [[sectionIdOf(key, right), sectionIdOf(work, placed)] as const] : [];
  });
}

/** The columns of a whole class: those of every work, in the key's order. */
export function columnsOfClass(overviews: readonly Overview[]): NamedColumn[] {
  const found = new Map<string, NamedColumn>();
  const orders = overviews.map(({ columns }) => columns).sort((a, b) => b.length - a.length);
  for (const column of orders.flat()) if (!found.has(column.id)) found.set(column.id, column);
  return [...found.values()].sort((a, b) => ORDER[a.kind] - ORDER[b.kind]);
}
