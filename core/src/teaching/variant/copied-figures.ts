import type { Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { ownKey } from './own-key.js';

/** Somebody else’s figures that stand in a work. */
export interface CopiedFigures<W> {
  /** Whose they can be: several where they have the same figures. */
  readonly whose: readonly W[];
  /** How many different amounts of theirs. */
  readonly count: number;
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
  const odd = [...amountsOf(work)].filter((amount) => !own.has(amount));
  if (odd.length < FEWEST) return null;
  const counts = others
    .filter(({ seed }) => seed !== ownSeed)
    .map(({ seed, whose }) => {
      const theirs = amountsOf(keyFor(key, seed).book);
      return { whose, count: odd.filter((amount) => theirs.has(amount)).length };
    });
  const count = Math.max(0, ...counts.map((each) => each.count));
  if (count < FEWEST || count < odd.length * SHARE) return null;
  return { whose: counts.filter((each) => each.count === count).map(({ whose }) => whose), count };
}

const keys = new WeakMap<AnswerKey, Map<number, AnswerKey>>();

function keyFor(key: AnswerKey, seed: number): AnswerKey {
  const known = keys.get(key) ?? new Map<number, AnswerKey>();
  keys.set(key, known);
  const made = known.get(seed) ?? ownKey(key, { seed });
  known.set(seed, made);
  return made;
}
