import {
  account,
  checkWork,
  keyOf,
  newBook,
  unknownNames,
  type Book,
  type Entry,
} from '@gleddo/core';
import type { NameRow } from './name-rows.js';

const COMPANY = {
  name: 'Weir Street Traders',
  trade: 'Shop',
  legalForm: 'company',
  currency: 'EUR',
  firstDay: '2027-01-01',
  periods: 12,
} as const;

/** What every company has, beside the account that is looked at. */
const BESIDE = [
  ['bank', 'Bank of the river', 'bank'],
  ['owed', 'Owed to Weir Council', 'sundry-payable'],
  ['shares', 'Ordinary share capital issued', 'share-capital'],
  ['kept', 'Profits kept', 'retained-earnings'],
  ['hire', 'Boat hire takings', 'service-fees'],
  ['office', 'Paper and post', 'office'],
] as const;

const entry = (id: string, day: number, lines: Entry['lines']): Entry => ({
  ...{ id, date: `2027-03-${String(day).padStart(2, '0')}`, kind: 'general', reference: '' },
  ...{ text: `Entry ${id}`, lines },
});

/** A company with some of the accounts of the rows, each used in two entries of its own. */
function companyOf(rows: readonly NameRow[]): Book {
  const beside = BESIDE.filter(([, , type]) => !rows.some(([own]) => own === type));
  const accounts = [
    ...beside.map(([id, name, type], i) => account(id, name, { type, number: String(9000 + i) })),
    ...rows.map(([type, name], i) =>
      account(`k${i}`, name, { type, number: String(1000 + 10 * i) }),
    ),
  ];
  const against = beside[0]?.[0] ?? 'office';
  const entries = rows.flatMap((_, i) => [
    entry(`a${i}`, 1 + (i % 9), [
      { account: `k${i}`, amount: 100_00 + 700 * i },
      { account: against, amount: -100_00 - 700 * i },
    ]),
    entry(`b${i}`, 12 + (i % 9), [
      { account: `k${i}`, amount: 31_00 + 300 * i },
      { account: against, amount: -31_00 - 300 * i },
    ]),
  ]);
  const book = newBook({ company: COMPANY, scheme: 'current-first', numberPlan: null });
  return { ...book, accounts, entries };
}

interface Tried {
  readonly row: number;
  readonly name: string;
  readonly isHonest: boolean;
  /** Whether an entry on the account is wrong, too. */
  readonly isSpoilt: boolean;
}

/** The key’s book with one account called otherwise, and an amount on it wrong where that is wanted. */
function workOf(key: Book, { row, name, isSpoilt }: Tried): Book {
  const accounts = key.accounts.map((each) => (each.id === `k${row}` ? { ...each, name } : each));
  const entries = key.entries.map((each) =>
    isSpoilt && each.id === `b${row}`
      ? { ...each, lines: each.lines.map((line) => ({ ...line, amount: line.amount * 2 })) }
      : each,
  );
  return { ...key, accounts, entries };
}

/** What is marked of the account that is called otherwise; `asked` where its name is asked about. */
function markedOf(book: Book, tried: Tried): string[] {
  const [key, work] = [keyOf(book), workOf(book, tried)];
  const { results, recognition } = checkWork(key, work, {
    start: { ...book, accounts: [], entries: [] },
  });
  const pairs = recognition.pairs.map(({ keys, works }) => ({
    keys: keys.map(({ id }) => id),
    works: works.map(({ id }) => id),
  }));
  const asked = unknownNames(key, work, pairs).length > 0 ? ['asked'] : [];
  const struck = results
    .filter(({ outcome, subject }) => outcome === 'not-met' && subject.id === `k${tried.row}`)
    .map(({ check }) => check);
  return [...struck, ...asked];
}

export interface NamesRead {
  /** How often an honest name was tried, and struck. */
  honest: number;
  alarms: number;
  /** How often a name that says something else was tried, only asked about, and let pass. */
  wrong: number;
  asked: number;
  unseen: number;
}

interface Where {
  readonly says: string;
  readonly key: Book;
  readonly row: number;
}

/** A row alone in a small company, and among all the others. */
function placesOf(rows: readonly NameRow[], isAlone: boolean): readonly (readonly Where[])[] {
  const whole = companyOf(rows);
  return rows.map((each, row) => [
    { says: 'alone', key: companyOf([each]), row: 0 },
    ...(isAlone ? [] : [{ says: 'among all', key: whole, row }]),
  ]);
}

/** The names of a row, each with whether it says the same. */
const namesOf = ([, , honest, wrong]: NameRow): readonly Pick<Tried, 'name' | 'isHonest'>[] => [
  ...honest.map((name) => ({ name, isHonest: true })),
  ...wrong.map((name) => ({ name, isHonest: false })),
];

/** What was found of one name, with the entries right and with one wrong. */
const foundOf = ({ key, row }: Where, tried: Pick<Tried, 'name' | 'isHonest'>): string[][] =>
  [false, true].map((isSpoilt) => markedOf(key, { row, ...tried, isSpoilt }));

/** Each name of each row, alone in a small company and (unless `isAlone`) among all the others, with the entries right and with one wrong. */
export function readNames(
  rows: readonly NameRow[],
  tell: (line: string) => void,
  isAlone = false,
): NamesRead {
  const sum: NamesRead = { honest: 0, alarms: 0, wrong: 0, asked: 0, unseen: 0 };
  const places = placesOf(rows, isAlone);
  const count = (tried: Pick<Tried, 'name' | 'isHonest'>, found: readonly string[]): boolean => {
    const isStruck = found.some((each) => each !== 'asked');
    sum[tried.isHonest ? 'honest' : 'wrong'] += 1;
    if (tried.isHonest) sum.alarms += isStruck ? 1 : 0;
    else if (!isStruck) sum[found.length > 0 ? 'asked' : 'unseen'] += 1;
    return tried.isHonest ? isStruck : found.length === 0;
  };
  rows.forEach((of, at) => {
    for (const tried of namesOf(of))
      for (const where of places[at] ?? []) {
        const isOdd = foundOf(where, tried).filter((found) => count(tried, found)).length > 0;
        const kind = tried.isHonest ? 'false alarm' : 'unseen';
        if (isOdd) tell(`  ${kind}: “${tried.name}” for “${of[1]}”, ${where.says}`);
      }
  });
  return sum;
}
