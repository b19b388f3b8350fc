import type { Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { ownKey } from './own-key.js';

/** Somebody else’s figures that stand in a work. */
export interface CopiedFigures<W> {
  /** Whose they can be: several where they have the same figures. */
  readonly whose: readonly W[];
  /** How many different amounts of theirs. */
  readonly count: number;
  /** Whether they stand as they are, or all were multiplied by one number or moved by one amount. */
  readonly how: 'as they are' | 'multiplied' | 'moved';
}

/** Fewer may be chance. */
const FEWEST = 3;
/** Of the amounts that are not one’s own, at least this share must be theirs. */
const SHARE = 0.5;

/** The different amounts of a book: of openings and entries, without their sides. */
function amountsOf({ opening, entries }: Book): Set<number> {
  const amounts = [
    ...Object.values(opening.balances),
    ...entries.flatMap(({ lines }) => lines.map(({ amount }) => amount)),
  ];
  return new Set(amounts.map(Math.abs));
}

/**
 * Whose figures stand in a work besides those of its own seed: a fact, no verdict. Amounts that one’s own key has, too, or
 * that stood in one’s start, tell nothing.
 */
export function copiedFigures<W>(
  key: AnswerKey,
  work: Book,
  {
    ownSeed,
    others,
  }: {
    readonly ownSeed: number;
    readonly others: readonly { readonly seed: number; readonly whose: W }[];
  },
): CopiedFigures<W> | null {
  const own = amountsOf(keyFor(key, ownSeed).book);
  const odd = [...amountsOf(work)].filter((amount) => amount > 0 && !own.has(amount));
  if (odd.length < FEWEST) return null;
  for (const how of WAYS) {
    const counts = others
      .filter(({ seed }) => seed !== ownSeed)
      .map(({ seed, whose }) => {
        const theirs = amountsOf(keyFor(key, seed).book);
        const count = SHARED[how](odd, theirs);
        const isEnough = how === 'as they are' || count >= theirs.size * SHARE;
        return { whose, count: isEnough ? count : 0 };
      });
    const count = Math.max(0, ...counts.map((each) => each.count));
    const [fewest, share] = how === 'as they are' ? [FEWEST, SHARE] : [FEWEST_CHANGED, MOST];
    if (count < fewest || count < odd.length * share) continue;
    const whose = counts.filter((each) => each.count === count).map((each) => each.whose);
    return { whose, count, how };
  }
  return null;
}

const WAYS: readonly CopiedFigures<unknown>['how'][] = ['as they are', 'multiplied', 'moved'];

/** Of amounts that were all changed alike, more must agree, and most of theirs: one number can be found for any few. */
const FEWEST_CHANGED = 8;
const MOST = 0.8;
/** The largest of both are tried for the one number: in a copy of all figures they stand for each other. */
const TRIED = 3;

const largest = (amounts: Iterable<number>): number[] =>
  [...amounts].sort((a, b) => b - a).slice(0, TRIED);

const SHARED: Readonly<
  Record<
    CopiedFigures<unknown>['how'],
    (odd: readonly number[], theirs: ReadonlySet<number>) => number
  >
> = {
  'as they are': (odd, theirs) => odd.filter((amount) => theirs.has(amount)).length,
  multiplied: (odd, theirs) =>
    mostAlike(odd, theirs, (amount, of) => (each) => Math.round((each * of) / amount)),
  moved: (odd, theirs) => mostAlike(odd, theirs, (amount, of) => (each) => each - amount + of),
};

/** How many amounts are theirs again, once what made one of them of one of theirs is taken back from all. */
function mostAlike(
  odd: readonly number[],
  theirs: ReadonlySet<number>,
  backBy: (amount: number, of: number) => (each: number) => number,
): number {
  let most = 0;
  if (odd.length < FEWEST_CHANGED) return 0;
  for (const amount of largest(odd))
    for (const of of largest(theirs)) {
      if (amount === 0 || of === 0) continue;
      const back = backBy(amount, of);
      most = Math.max(most, new Set(odd.map(back).filter((each) => theirs.has(each))).size);
    }
  return most;
}

const keys = new WeakMap<AnswerKey, Map<number, AnswerKey>>();

function keyFor(key: AnswerKey, seed: number): AnswerKey {
  const known = keys.get(key) ?? new Map<number, AnswerKey>();
  keys.set(key, known);
  const made = known.get(seed) ?? ownKey(key, { seed });
  known.set(seed, made);
  return made;
}
