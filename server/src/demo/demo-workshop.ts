import {
  givenToStudents,
  proposedBrief,
  startingPoint,
  usualKeyRules,
  type Account,
  type Book,
  type Planting,
  type StartKind,
} from '@gleddo/core';
import { juniperLane, pollardRow } from '@gleddo/core/demo';
import { datesOf, type MadeExercise } from '../exercises/exercises.service.js';

/** The types that a student gave to accounts that belong elsewhere. */
type Misplaced = Readonly<Record<string, string>>;

const PLANTING: Planting = {
  faults: {
    'wrong-statement': 1,
    'wrong-section': 1,
    'number-outside-band': 1,
    'names-crossed': 1,
  },
  seed: 7,
};

function workshop(title: string, key: Book, kind: StartKind): MadeExercise {
  return {
    title,
    key,
    start: givenToStudents(startingPoint(key, kind, PLANTING), kind, PLANTING.seed),
    brief: proposedBrief(key, kind, { planting: PLANTING }),
    keyRules: {
      statementDates: datesOf(key),
      ...usualKeyRules(kind),
    },
  };
}

/** The exercises of the chart workshop, each of another kind. The first is handed out. */
export const placing = (): MadeExercise =>
  workshop('Where does it stand? The bindery’s accounts', pollardRow(), 'place-them');

export const drafts = (): MadeExercise[] => [
  workshop('Numbers for the nursery', juniperLane(), 'number-them'),
  workshop('Mend the nursery’s books', juniperLane(), 'mend-it'),
  workshop('A chart for the bindery, from nothing', pollardRow(), 'company-only'),
];

const placedWith =
  (key: Book, misplaced: Misplaced, undone: number) =>
  (account: Account, i: number): Account => {
    const own = key.accounts.find(({ name }) => name === account.name);
    if (account.type !== null || i < undone) return account;
    return { ...account, type: misplaced[own?.id ?? ''] ?? own?.type ?? null };
  };

/** The placing as a student leaves it: some accounts in the wrong place, the first so many not placed yet. */
export function placedBy({ key, start }: MadeExercise, misplaced: Misplaced, undone: number): Book {
  return { ...start, accounts: start.accounts.map(placedWith(key, misplaced, undone)) };
}

const VOUCHERS = { vouchers: 'goods-sales' };
const RENT = { 'rent-prepaid': 'premises' };
const TO_DATE = { 'press-dep': 'depreciation-charge' };
const DRAWINGS = { drawings: 'staff' };
const UNBILLED = { 'electricity-due': 'premises' };

interface PlacingBy {
  readonly name: string;
  readonly misplaced: Misplaced;
  /** How many accounts still wait in the tray; handed in when none do. */
  readonly undone: number;
}

const by = (name: string, misplaced: Misplaced = {}, undone = 0): PlacingBy => ({
  name,
  misplaced,
  undone,
});

/** Who of the class group has begun the placing, and how it went. */
export const PLACED: readonly PlacingBy[] = [
  by('Ade Marlow', VOUCHERS),
  by('Bea Lindqvist', { ...RENT, ...UNBILLED }),
  by('Caro Whitby'),
  by('Dov Armitage', { ...VOUCHERS, ...TO_DATE }),
  by('Ella Nakata', { ...VOUCHERS, ...RENT, ...DRAWINGS }),
  by('Farid Osei', { materials: 'cost-of-goods-sold', ...VOUCHERS }),
  by('Greta Pohl', DRAWINGS),
  by('Hugh Santos', { ...VOUCHERS, ...DRAWINGS, ...TO_DATE, ...UNBILLED }),
  by('Ines Okafor', { receivables: 'sundry-receivable' }),
  by('Jonah Weir', {}, 9),
  by('Kaia Brandt', VOUCHERS, 4),
];
