import { Big } from 'big.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import { drawnAt } from '../../model/chance/draw.js';
import type { Amount } from '../../model/money/amount.js';
import type { Book } from '../../model/book/book.js';
import { drawUnits, unitsOf, type DrawUnit } from './draw-units.js';

/** From which share of an amount to which it is drawn. */
type Range = NonNullable<OwnFigures['each']>;

/** Amounts that have less in common are drawn by a share in hundredths, each rounded by itself. */
const SMALLEST_BASE = 500;
/** So many steps lie at least below what is drawn, where it is round. */
const STEPS = 5;

const zerosOf = (amount: Amount): number =>
  amount !== 0 && amount % 10 === 0 ? 1 + zerosOf(amount / 10) : 0;

/** As round as it is, as long as there is something to choose from. */
const stepOf = (base: Amount): number =>
  10 ** Math.min(zerosOf(base), Math.max(0, Math.floor(Math.log10(base / STEPS))));

interface Choice {
  /** What is drawn is so many of these. */
  readonly step: number;
  readonly first: number;
  readonly count: number;
  /** What one stands for: a base, or the whole. */
  readonly of: number;
}

function choiceOf({ base }: DrawUnit, { from, to }: Range): Choice {
  const [step, of] = base < SMALLEST_BASE ? [1, 100] : [stepOf(base), base];
  const first = Math.ceil(Number(new Big(from).times(of).div(step)));
  const last = Math.floor(Number(new Big(to).times(of).div(step)));
  return { step, first, count: Math.max(1, last - first + 1), of };
}

/** Of what unit a place is; null where it is of none. */
export type Drawn = (at: string, usual: Amount) => Amount | null;

/** So often it is drawn from the whole range; then from less and less of it, so that it comes to hold. */
const WIDE_GOES = 8;
const NARROW_GOES = 16;
/** How often a seed is drawn until it holds, at most. */
export const MOST_GOES = WIDE_GOES + NARROW_GOES;

function narrowed({ from, to }: Range, go: number): Range {
  if (go < WIDE_GOES) return { from, to };
  const left = 1 - (go - WIDE_GOES + 1) / (NARROW_GOES + 4);
  const nearer = (share: string) => (1 + (Number(share) - 1) * left).toFixed(2);
  return { from: nearer(from), to: nearer(to) };
}

/** Each amount of a book as it is drawn for a seed: together with what hangs on it, as round as it was made. */
export function drawnFor(
  book: Book,
  range: Range,
  { seed, go }: { readonly seed: number; readonly go: number },
): Drawn {
  const unitAt = drawUnits(book);
  const within = narrowed(range, go);
  return (at, usual) => {
    const unit = unitAt(at);
    if (!unit) return null;
    const { step, first, count, of } = choiceOf(unit, within);
    const value = step * (first + drawnAt(`amount ${unit.name} ${go}`, seed, count));
    if (usual % of === 0) return (usual / of) * value;
    const round = 10 ** zerosOf(usual);
    return Math.max(round, Math.round((usual * value) / of / round) * round);
  };
}

/** How many different sets of figures there are, each amount drawn for itself; at most a thousand million. */
export function setsOf(book: Book, range: Range): number {
  const all = unitsOf(book).reduce((product, unit) => product * choiceOf(unit, range).count, 1);
  return Math.min(all, MOST_SETS);
}

const MOST_SETS = 1e9;
