import type { Book } from '../../model/book/book.js';
import type { Aim, KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';
import { checkById, refOf, type CheckId } from '../all-checks/index.js';
import { partsOfRef } from '../check/finding.js';
import { aimOf, type AnswerKey } from '../key/answer-key.js';
import { lostAtStart } from './points.js';

/** What an exercise can be about, as an instructor chooses it. */
export const AIM_NAMES: Readonly<Record<Aim, string>> = {
  types: 'Types and statements',
  numbers: 'Numbers',
  'setting-up': 'Setting up',
  books: 'Keeping the books',
};

/** What is said of the points of checks, and what the exercise is about. */
export interface Weighing {
  readonly aim: Aim;
  readonly points?: KeyRulesFile['points'] | undefined;
}

/** The points of a check for whatever has none of its own; 0 for a check that is no more. */
export const usualWorth = ({ aim, points = {} }: Weighing, check: string): number =>
  points[check] ?? checkById(check)?.points[aim] ?? 0;

/** The usual points follow what an exercise is about, but for what is left out, and what single accounts and entries count. */
export const pointsFollowing = (points: KeyRulesFile['points'] = {}): Record<string, number> =>
  Object.fromEntries(
    Object.entries(points).filter(([ref, worth]) => worth === 0 || ref.includes(':')),
  );

/** Something that can go wrong, and what it costs. */
interface Weight {
  readonly fault: string;
  readonly points: number;
}

const WRONG: readonly (readonly [CheckId, string])[] = [
  ['account.statement', 'An account on the wrong statement'],
  ['account.section', 'An account in the wrong section'],
  ['account.type', 'An account of the wrong type'],
  ['account.number', 'A wrong number'],
  ['account.number-in-band', 'A number outside its band'],
  ['account.name', 'A name that says something else'],
  ['opening.amount', 'A wrong opening balance'],
  ['entry.amounts', 'An entry with a wrong amount, account or side'],
  ['entry.date', 'An entry on another day'],
  ['question.answer', 'A question answered wrongly'],
];

/** What each account or entry that the start lacks altogether is worth; what most of them are. */
function leftOut(lost: ReadonlyMap<string, number>, check: CheckId): number {
  const [about] = check.split('.');
  const worth = new Map<string, number>();
  for (const [counted, points] of lost) {
    const [of, id] = partsOfRef(counted);
    const isOfIt = of.startsWith(`${about}.`) || (about === 'account' && of.startsWith('opening.'));
    if (isOfIt && lost.has(refOf(check, { id }))) worth.set(id, (worth.get(id) ?? 0) + points);
  }
  const sorted = [...worth.values()].sort((a, b) => a - b);
  return sorted[sorted.length >> 1] ?? 0;
}

/** Which of the things that checks are about a key asks for. */
function groupsOf(key: AnswerKey): ReadonlySet<string> {
  const groups = ['account'];
  if (Object.keys(key.book.opening.balances).length > 0) groups.push('opening');
  if (key.book.entries.length > 0) groups.push('entry');
  if (key.questions.length > 0) groups.push('question');
  return new Set(groups);
}

/**
 * What weighs how much in an exercise, the heaviest first; what it does not ask for, or what costs nothing, is left out.
 * What is left out altogether is told by the start: the middle of what its accounts, or entries, are worth.
 */
export function weightsOf(key: AnswerKey, start: Book): Weight[] {
  const lost = lostAtStart(key, start);
  const groups = groupsOf(key);
  const weighing = { aim: aimOf(key), points: key.points };
  return [
    { fault: 'An account left out', points: leftOut(lost, 'account.present') },
    { fault: 'An entry left out', points: leftOut(lost, 'entry.present') },
    ...WRONG.filter(([check]) => groups.has(check.split('.')[0] ?? '')).map(([check, fault]) => ({
      ...{ fault, points: usualWorth(weighing, check) },
    })),
  ]
    .filter(({ points }) => points > 0)
    .sort((one, other) => other.points - one.points);
}
