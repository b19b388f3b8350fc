import { openingOf, type Account, type Book } from '../../model/book/book.js';
import { childrenOf, sectionIdOf, takenNumbers } from '../../model/book/place.js';
import { numberKey } from '../../model/shapes/account-number.js';
import { takenFor } from '../../assessment/mixup/index.js';
import { freeNumber } from '../../model/numbering/free-number.js';
import { typeOf, sectionOfType, statementOfClass } from '../../model/scheme/scheme.js';
import { randomFrom, shuffled } from '../../model/chance/random.js';

/** The faults that can be planted in a finished book, each of a sort that a check finds. */
export const FAULT_KINDS = [
  'wrong-statement',
  'wrong-section',
  'no-contra',
  'number-outside-band',
  'no-parent',
  'names-crossed',
  'opening-amount',
  'opening-side',
] as const;

export type FaultKind = (typeof FAULT_KINDS)[number];

export interface Planted {
  readonly kind: FaultKind;
  readonly account: string;
}

type Plant = (book: Book, account: Account, random: () => number) => Book | null;

const changed = (book: Book, id: string, rest: Partial<Account>): Book => ({
  ...book,
  accounts: book.accounts.map((each) => (each.id === id ? { ...each, ...rest } : each)),
});

const withOpening = (book: Book, id: string, amount: number): Book => ({
  ...book,
  opening: { ...book.opening, balances: { ...book.opening.balances, [id]: amount } },
});

/** Whether an account can stand elsewhere without taking others along. */
const standsAlone = (book: Book, account: Account): boolean =>
  account.parent === null &&
  childrenOf(book, account.id).length === 0 &&
  typeOf(book.scheme, account.type)?.role !== 'retained-earnings';

/** Puts an account where beginners put it, on the same statement or on the other: never where it can be defended. */
function movedTo(
  book: Book,
  account: Account,
  { random, sameStatement }: { readonly random: () => number; readonly sameStatement: boolean },
) {
  const own = sectionOfType(book.scheme, account.type);
  if (!own || account.type === null || !standsAlone(book, account)) return null;
  const types = takenFor(book.scheme, account.type).filter((id) => {
    const section = sectionOfType(book.scheme, id);
    const isSame = section && statementOfClass(section.class) === statementOfClass(own.class);
    return section !== null && section.id !== own.id && isSame === sameStatement;
  });
  const type = types[Math.floor(random() * types.length)];
  return type === undefined ? null : changed(book, account.id, { type });
}

const outsideBand: Plant = (book, account) => {
  const plan = book.numberPlan;
  const own = sectionIdOf(book, account);
  const other = plan?.bands.find((band) => band.section !== undefined && band.section !== own);
  if (!plan || !other || account.number === null) return null;
  const taken = takenNumbers(book);
  const free = freeNumber(plan, { band: other, after: null, before: null, taken });
  return free.ok ? changed(book, account.id, { number: free.value }) : null;
};

const noContra: Plant = (book, account) => {
  const type = typeOf(book.scheme, account.type);
  const plain = book.scheme.types.find(
    (each) => each.section === type?.section && !each.contra && each.role === 'none',
  );
  return type?.contra && plain ? changed(book, account.id, { type: plain.id }) : null;
};

/** Takes the name of another account of the section, and gives it its own. */
const crossed: Plant = (book, account, random) => {
  const section = sectionIdOf(book, account);
  const others = book.accounts.filter(
    (each) =>
      sectionIdOf(book, each) === section &&
      each.id !== account.id &&
      !each.retired &&
      each.number !== null,
  );
  const other = others[Math.floor(random() * others.length)];
  if (!other || account.number === null) return null;
  return changed(changed(book, account.id, { name: other.name }), other.id, { name: account.name });
};

/** Two neighbouring digits of an amount change places, when they differ. */
function swappedDigits(amount: number): number | null {
  const text = String(Math.abs(amount));
  for (let i = 0; i + 1 < text.length; i++)
    if (text[i] !== text[i + 1] && text[i + 1] !== '0') {
      const swapped = text.slice(0, i) + text[i + 1] + text[i] + text.slice(i + 2);
      return Math.sign(amount) * Number(swapped);
    }
  return null;
}

const PLANTS: Readonly<Record<FaultKind, Plant>> = {
  'wrong-statement': (book, account, random) =>
    movedTo(book, account, { random, sameStatement: false }),
  'wrong-section': (book, account, random) =>
    movedTo(book, account, { random, sameStatement: true }),
  'no-contra': noContra,
  'number-outside-band': outsideBand,
  'no-parent': (book, account) =>
    account.parent === null ? null : changed(book, account.id, { parent: null }),
  'names-crossed': crossed,
  'opening-amount': (book, account) => {
    const wrong = swappedDigits(openingOf(book, account.id));
    return wrong === null ? null : withOpening(book, account.id, wrong);
  },
  'opening-side': (book, account) => {
    const amount = openingOf(book, account.id);
    return amount === 0 ? null : withOpening(book, account.id, -amount);
  },
};

/**
 * Plants faults in a finished book: so many of each kind, on accounts that the seed decides, no two on one
 * account. Where a kind finds no more accounts that it fits, fewer are planted; what was planted is told.
 */
export function plantFaults(
  book: Book,
  wanted: Readonly<Partial<Record<FaultKind, number>>>,
  seed: number,
): { readonly book: Book; readonly planted: readonly Planted[] } {
  const random = randomFrom(seed);
  const touched = new Set<string>();
  const planted: Planted[] = [];
  let at = book;
  for (const kind of FAULT_KINDS) {
    let left = wanted[kind] ?? 0;
    for (const { id } of shuffled(book.accounts, random)) {
      const account = at.accounts.find((each) => each.id === id);
      if (left === 0 || !account || account.retired || touched.has(id)) continue;
      const next = PLANTS[kind](at, account, random);
      if (!next) continue;
      const before = at;
      const involved = next.accounts.filter((each) => differs(before, each)).map((each) => each.id);
      if (involved.some((each) => touched.has(each))) continue;
      for (const each of [id, ...involved]) touched.add(each);
      planted.push({ kind, account: id });
      at = next;
      left -= 1;
    }
  }
  return { book: at, planted };
}

const differs = (before: Book, account: Account): boolean => {
  const old = before.accounts.find((each) => each.id === account.id);
  return (
    old?.name !== account.name ||
    old.type !== account.type ||
    numberKey(old.number ?? '') !== numberKey(account.number ?? '')
  );
};
