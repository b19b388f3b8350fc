/**
 * Words of the trade by which two names that are otherwise alike mean different things. Within a group, the
 * words of one set oppose those of every other.
 */
const GROUPS: readonly (readonly (readonly string[])[])[] = [
  [['payable', 'owed', 'owing'], ['receivable'], ['received', 'earned'], ['paid']],
  [['prepaid'], ['accrued', 'receivable'], ['deferred']],
  [
    ['prepaid', 'deferred'],
    ['payable', 'owed', 'owing', 'due'],
  ],
  [
    ['in', 'inward', 'inwards'],
    ['out', 'outward', 'outwards'],
  ],
  [
    ['given', 'allowed'],
    ['taken', 'received'],
  ],
  [['held'], ['paid']],
  [
    ['opening', 'beginning'],
    ['closing', 'ending'],
  ],
  [
    ['expense', 'charge', 'cost'],
    ['income', 'revenue', 'payable', 'receivable'],
  ],
  [['provision'], ['charge', 'expense']],
  [['gain', 'profit'], ['loss']],
  [['capital'], ['drawing'], ['loan']],
  [['purchase'], ['sales', 'sale']],
  [['allowance'], ['written']],
  [['long', 'year'], ['short']],
];

/**
 * Words that make an account of the balance sheet out of the name of something else: beside `Wages`, `Wages due` is
 * not the same. Names of debts (`Loan`, `Loan payable`) mean the same with such a word and without.
 */
const STANDING: readonly string[] = [
  'accumulated',
  'payable',
  'owed',
  'owing',
  'due',
  'receivable',
  'prepaid',
  'accrued',
  'deferred',
  'allowance',
  'opening',
];
const DEBTS: readonly string[] = ['loan', 'lease', 'mortgage', 'note', 'bond', 'card', 'overdraft'];
/** With these a debt is still the same debt. */
const OWED: readonly string[] = ['payable', 'owed', 'owing', 'due'];

/** Every word by which names are set apart. */
export const OPPOSED_WORDS: readonly string[] = [...GROUPS.flat(2), ...STANDING];

const groups = GROUPS.map((sets) => sets.map((words) => new Set(words)));
const standing = new Set(STANDING);
const debts = new Set(DEBTS);
const owed = new Set(OWED);

const hasAny = (words: readonly string[], of: ReadonlySet<string>): boolean =>
  words.some((word) => of.has(word));

function opposed(one: readonly string[], other: readonly string[]): boolean {
  return groups.some((sets) =>
    sets.some(
      (mine) =>
        hasAny(one, mine) &&
        !hasAny(other, mine) &&
        sets.some((theirs) => theirs !== mine && hasAny(other, theirs) && !hasAny(one, theirs)),
    ),
  );
}

/** So little that a name of several words no longer says the same. */
const APART = 0.7;

/**
 * How much of their likeness two plain names keep: nothing where they mean opposites; less where one names a thing
 * and the other what is still to come of it (`Wages` and `Wages due`); else all of it.
 */
export function keptLikeness(one: readonly string[], other: readonly string[]): number {
  if (opposed(one, other)) return 0;
  if (hasAny(one, standing) === hasAny(other, standing)) return 1;
  const more = hasAny(one, standing) ? one : other;
  const isOwedOnly = more.every((word) => !standing.has(word) || owed.has(word));
  return isOwedOnly && hasAny(one, debts) && hasAny(other, debts) ? 1 : APART;
}
