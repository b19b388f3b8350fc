import { type Book } from '../../model/book/book.js';
import { openingDifference } from '../../accounting/ledger/balances.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { checkWork } from '../../assessment/mark/check-work.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import { ownBook } from './own-book.js';
import { ownKey, ownStart } from './own-key.js';
import { standing, type Standing } from './standing.js';

const entryUnbalanced = refusal(
  'trial.entry',
  (f: { what: string }) => `The entry “${f.what}” is not in balance.`,
);
const openingUnbalanced = refusal(
  'trial.opening',
  () => 'The opening balances differ by more than they do as they were made.',
);
const overdrawn = refusal(
  'trial.overdrawn',
  (f: { name: string }) => `“${f.name}” falls below zero, which it does not as it was made.`,
);
const notCleared = refusal(
  'trial.not-cleared',
  (f: { name: string }) => `“${f.name}” does not come to zero, which it does as it was made.`,
);
const outOfYear = refusal(
  'trial.out-of-year',
  (f: { what: string; date: string }) =>
    `“${f.what}” falls on ${f.date}, on the other side of a day that bounds the year or the comparison.`,
);
const outOfOrder = refusal(
  'trial.out-of-order',
  (f: { what: string; before: string }) =>
    `“${f.what}” comes before “${f.before}”, which it settles or follows.`,
);
const notInFull = refusal(
  'trial.not-in-full',
  (f: { points: number; of: number }) =>
    `The key does not earn its own points: ${f.points} of ${f.of}.`,
);

/** A seed whose figures don’t hold, and why. */
export interface BrokenSeed {
  readonly seed: number;
  readonly faults: readonly Refusal[];
}

interface SeedsTried {
  readonly tried: number;
  /** The first few that don’t hold. */
  readonly broken: readonly BrokenSeed[];
  readonly brokenCount: number;
}

function faultsOfBook(
  made: Book,
  own: Book,
  { usual, bounds }: { readonly usual: Standing; readonly bounds: readonly string[] },
): Refusal[] {
  const name = (id: string) => own.accounts.find((each) => each.id === id)?.name ?? id;
  const now = standing(own);
  const entries = own.entries.flatMap((entry, i): Refusal[] => {
    const what = entry.text || entry.reference || entry.date;
    const at = `entry:${entry.id}`;
    const over = entry.lines.reduce((sum, { amount }) => sum + amount, 0);
    const was = made.entries[i]?.date ?? entry.date;
    const crossed = bounds.some((day) => was <= day !== entry.date <= day);
    return [
      ...(over === 0 ? [] : [entryUnbalanced({ what }, at)]),
      ...(crossed ? [outOfYear({ what, date: entry.date }, at)] : []),
    ];
  });
  const differs = openingDifference(own) !== openingDifference(made);
  return [
    ...entries,
    ...(differs ? [openingUnbalanced({}, 'opening')] : []),
    ...[...now.below]
      .filter((id) => !usual.below.has(id))
      .map((id) => overdrawn({ name: name(id) })),
    ...[...usual.cleared]
      .filter((id) => !now.cleared.has(id))
      .map((id) => notCleared({ name: name(id) })),
    ...settledTooEarly(own),
  ];
}

function settledTooEarly(book: Book): Refusal[] {
  const documents = book.subledgers?.documents ?? [];
  const byId = new Map(documents.map((each) => [each.id, each]));
  const what = ({ text, reference, date }: (typeof documents)[number]) => text || reference || date;
  return documents.flatMap((document) =>
    document.settles.flatMap(({ document: other }) => {
      const settled = byId.get(other);
      if (!settled || settled.date <= document.date) return [];
      return [outOfOrder({ what: what(document), before: what(settled) })];
    }),
  );
}

/** The days that an entry may not cross when its date is drawn: the beginning, and those that are compared. */
const boundsOf = ({ book, statementDates }: AnswerKey): string[] => [
  book.opening.date,
  ...statementDates.map((each) => (each.statement === 'balance-sheet' ? each.at : each.to)),
];

const FEW = 5;
/** Marking is dear: of so many seeds one is marked, too. */
const MARKED_OF = 25;

/**
 * Tries own figures on so many seeds, from `first` on: that everything can be reckoned and stays in balance, no date crosses a
 * day that counts, no bank account is overdrawn and none left open that was not as it was made; and, of some, that the
 * key marks its own work in full.
 */
export function trySeeds(
  key: AnswerKey,
  start: Book,
  { count, first = 1 }: { readonly count: number; readonly first?: number | undefined },
): SeedsTried {
  const { figures } = key;
  if (!figures) return { tried: 0, broken: [], brokenCount: 0 };
  const usual = standing(key.book);
  const bounds = boundsOf(key);
  const broken: BrokenSeed[] = [];
  let brokenCount = 0;
  for (let seed = first; seed < first + count; seed++) {
    const made = ownBook(key.book, figures, { seed });
    const faults = [...made.faults, ...faultsOfBook(key.book, made.book, { usual, bounds })];
    if (faults.length === 0 && seed % MARKED_OF === 1)
      faults.push(...faultsOfMarks(key, start, seed));
    if (faults.length === 0) continue;
    brokenCount++;
    if (broken.length < FEW) broken.push({ seed, faults: faults.slice(0, FEW) });
  }
  return { tried: count, broken, brokenCount };
}

function faultsOfMarks(key: AnswerKey, start: Book, seed: number): Refusal[] {
  const own = ownKey(key, { seed });
  const asked = { ...own, questions: [] };
  const { points, of } = checkWork(asked, own.book, {
    start: ownStart(start, key, { own, drawing: { seed } }),
  });
  return points < of ? [notInFull({ points, of })] : [];
}
