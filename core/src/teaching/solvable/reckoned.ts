import type { Amount } from '../../model/money/amount.js';
import type { ToldFigures } from './told-figures.js';

/** Words that say into how many parts a thing is divided. */
const PARTS_SAID: readonly (readonly [RegExp, readonly number[]])[] = [
  [/month/, [12]],
  [/quarter/, [4]],
  [/year/, [12]],
  [/half/, [2]],
  [/third/, [3]],
];

/** What is said about one thing: its words, and the figures in them and of the accounts that it is about. */
export interface SaidOfIt {
  readonly words: string;
  readonly figures: ToldFigures;
}

const MOST_OF_PARTS = 11;
const NUMBER_WORDS = 'two three four five six seven eight nine ten eleven twelve'.split(' ');

/** Numbers from two to twelve that stand in words. */
function inWords(words: string): number[] {
  const said = new Set(words.toLowerCase().split(/[^\p{L}]/u));
  return NUMBER_WORDS.flatMap((word, i) => (said.has(word) ? [i + 2] : []));
}

const MONTHS =
  'january february march april may june july august september october november december'.split(
    ' ',
  );
const ONE_OF_THEM = MONTHS.join('|');
const FROM_TO = new RegExp(
  `\\b(${ONE_OF_THEM})(?: 20\\d\\d)? (?:and|to|through|until) (${ONE_OF_THEM})\\b`,
  'gi',
);

/** `August and September`, `October to December`: so many months. */
const monthsNamed = (words: string): number[] =>
  [...words.matchAll(FROM_TO)].map(([, from = '', to = '']) => {
    const [first, last] = [from, to].map((each) => MONTHS.indexOf(each.toLowerCase()));
    return (((last ?? 0) - (first ?? 0) + 12) % 12) + 1;
  });

function partsSaid({ words, figures: { numbers } }: SaidOfIt): Set<number> {
  const parts = new Set([...numbers].filter((each) => each > 1 && each <= 600));
  for (const [said, into] of PARTS_SAID)
    if (said.test(words)) for (const each of into) parts.add(each);
  for (const each of [...inWords(words), ...monthsNamed(words)]) parts.add(each);
  for (const each of [...parts]) if (/year/.test(words) && each <= 50) parts.add(each * 12);
  return parts;
}

const MOST_FOR_DIFFERENCES = 30;

/** What can be shared out: amounts, and what one of them is more than another (a cost without its residual value). */
function wholesOf(amounts: ReadonlySet<Amount>): Amount[] {
  const all = [...amounts];
  if (all.length > MOST_FOR_DIFFERENCES) return all;
  const differences = all.flatMap((one) => all.map((other) => one - other));
  return [...new Set([...all, ...differences.filter((each) => each > 0)])];
}

interface Shares {
  readonly wholes: readonly Amount[];
  readonly parts: readonly number[];
}

const SHARES = new WeakMap<SaidOfIt, Shares>();

/** What can be shared out by what is said, and into how many parts: reckoned once, since many amounts are asked about. */
function sharesIn(said: SaidOfIt): Shares {
  const known = SHARES.get(said);
  if (known) return known;
  const shares = { wholes: wholesOf(said.figures.amounts), parts: [...partsSaid(said)] };
  SHARES.set(said, shares);
  return shares;
}

/** A share of something told: some of its equal parts, or a percent of it, rounded to the minor unit. */
function isShare(amount: Amount, said: SaidOfIt): boolean {
  const { percents } = said.figures;
  const { wholes, parts } = sharesIn(said);
  const isPartOf = (whole: number): boolean =>
    parts.some((into) => {
      const some = Math.round((amount * into) / whole);
      return some >= 1 && some <= MOST_OF_PARTS && Math.abs((whole * some) / into - amount) < 1;
    });
  return wholes.some(
    (whole) =>
      (whole > amount && isPartOf(whole)) ||
      [...percents].some((percent) => {
        const part = (whole * percent) / 100;
        const near = [part, whole - part, whole + part].some((each) => Math.abs(each - amount) < 1);
        return near || (part > amount && isPartOf(part));
      }),
  );
}

/** So many pieces at a price. */
const isProduct = (amount: Amount, { words, figures: { amounts, numbers } }: SaidOfIt): boolean =>
  [...amounts].some((price) => {
    const pieces = amount / price;
    return (
      pieces > 1 &&
      Number.isInteger(pieces) &&
      (numbers.has(pieces) || inWords(words).includes(pieces))
    );
  });

/** A sum or a difference of two amounts that are said of it. */
const isSum = (amount: Amount, { figures: { amounts } }: SaidOfIt): boolean =>
  [...amounts].some(
    (one) => (one < amount && amounts.has(amount - one)) || amounts.has(amount + one),
  );

const COUNTS = /\b(?:count(?:s|ed)?|on hand|left|remain(?:s|ed|ing)?|unused|in stock)\b/i;
/** What was there, what came, what is left, and little else: among many amounts any three make a fourth. */
const MOST_COUNTED = 6;

/** What was there and what came, less what is counted: three amounts that are said of it. */
function isUsed(amount: Amount, { words, figures: { amounts } }: SaidOfIt): boolean {
  const all = [...amounts];
  if (all.length > MOST_COUNTED || !COUNTS.test(words)) return false;
  return all.some((one, i) => all.slice(i + 1).some((other) => amounts.has(one + other - amount)));
}

/** Whether an amount can be reckoned from what is said of the thing that it is of. */
export const isReckoned = (amount: Amount, said: SaidOfIt): boolean =>
  isShare(amount, said) || isProduct(amount, said) || isSum(amount, said) || isUsed(amount, said);
