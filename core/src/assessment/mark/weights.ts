import type { Aim, KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';
import { CHECKS, checkById, type CheckId } from '../all-checks/index.js';

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

/** Something that can go wrong, and what it costs. */
export interface Weight {
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

/** What something that is left out takes along: its own check, and those of it that the exercise is about. */
const leftOut = (weighing: Weighing, about: 'account' | 'entry'): number =>
  CHECKS.filter(({ id, aims }) => id.startsWith(`${about}.`) && aims?.includes(weighing.aim))
    .filter(({ id }) => !RARELY.includes(id))
    .reduce((sum, { id }) => sum + usualWorth(weighing, id), 0);

/** Asked of few accounts and entries. */
const RARELY: readonly string[] = ['account.contra', 'account.retired', 'entry.kind'];

/** What weighs how much, the heaviest first; what costs nothing is left out. */
export const weightsOf = (weighing: Weighing): Weight[] =>
  [
    { fault: 'An account left out', points: leftOut(weighing, 'account') },
    { fault: 'An entry left out', points: leftOut(weighing, 'entry') },
    ...WRONG.map(([check, fault]) => ({ fault, points: usualWorth(weighing, check) })),
  ]
    .filter(({ points }) => points > 0)
    .sort((one, other) => other.points - one.points);
