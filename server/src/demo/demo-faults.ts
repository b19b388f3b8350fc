import { account, type Account, type Book, type Entry } from '@gleddo/core';
import { keyBook, startBook } from './demo-exercise.js';

type Fault = (book: Book) => Book;

const change =
  (id: string, rest: Partial<Account>): Fault =>
  (book) => ({
    ...book,
    accounts: book.accounts.map((each) => (each.id === id ? { ...each, ...rest } : each)),
  });

const opening =
  (id: string, amount: number): Fault =>
  (book) => {
    const { [id]: _, ...others } = book.opening.balances;
    const balances = amount === 0 ? others : { ...others, [id]: amount };
    return { ...book, opening: { ...book.opening, balances } };
  };

const entries =
  (to: (all: readonly Entry[]) => readonly Entry[]): Fault =>
  (book) => ({ ...book, entries: to(book.entries) });

const without = (reference: string): Fault =>
  entries((all) => all.filter((entry) => entry.reference !== reference));

const altered = (reference: string, to: (entry: Entry) => Entry): Fault =>
  entries((all) => all.map((entry) => (entry.reference === reference ? to(entry) : entry)));

const scaled = (reference: string, amount: number): Fault =>
  altered(reference, (entry) => ({
    ...entry,
    lines: entry.lines.map((line) => ({ ...line, amount: Math.sign(line.amount) * amount })),
  }));

const turned = (reference: string): Fault =>
  altered(reference, (entry) => ({
    ...entry,
    lines: entry.lines.map((line) => ({ ...line, amount: -line.amount })),
  }));

const added =
  (made: Account): Fault =>
  (book) => ({ ...book, accounts: [...book.accounts, made] });

/** Season passes never set up: the money went straight to hire income. */
const passesForgotten: Fault = (book) => {
  const posted = altered('B10', (entry) => ({
    ...entry,
    lines: entry.lines.map((line) =>
      line.account === 'season-passes' ? { ...line, account: 'hire' } : line,
    ),
  }))(book);
  return { ...posted, accounts: posted.accounts.filter((each) => each.id !== 'season-passes') };
};

/** Nothing wrong either, and hardly chance where two have it: the same slips, the same words, the same order of recording. */
const workedTogether: Fault = (book) =>
  [
    change('slipway-prepaid', { name: 'Prepaid slipway rennt' }),
    change('insurance-prepaid', { name: 'Prepaid insurence', number: '1339' }),
    altered('A4', (entry) => ({ ...entry, text: 'kayaks got older' })),
    altered('B10', (entry) => ({ ...entry, text: 'summer passes, paid by all in front' })),
    entries((all) => [...all.slice(0, 3), ...all.slice(3).toReversed()]),
  ].reduce((made, step) => step(made), book);

/** The faults that beginners make, one of each sort. */
const FAULTS = {
  passesInRevenue: change('season-passes', {
    type: 'service-fees',
    number: '4040',
    name: 'Season passes',
  }),
  passesForgotten,
  plainDepreciation: change('fleet-dep', { type: 'plant-equipment' }),
  allowanceAsExpense: change('allowance', { type: 'bad-debts', number: '6600' }),
  longPrepayment: change('slipway-prepaid', { type: 'long-term-investment', number: '1600' }),
  wrongType: change('insurance-prepaid', { type: 'sundry-receivable' }),
  oddNumber: change('van-dep', { number: '7510' }),
  noParent: change('van-dep', { parent: null }),
  otherName: change('slipway-prepaid', { name: 'Rent paid ahead' }),
  oddName: change('insurance-prepaid', { name: 'Cover' }),
  swappedDigits: opening('insurance-prepaid', 285_000),
  openingForgotten: opening('allowance', 0),
  wrongSide: opening('fleet-dep', 920_000),
  noInsurance: without('A3'),
  noVanCharge: without('A5'),
  noWages: without('A6'),
  wrongAmount: scaled('A4', 320_000),
  turnedRound: turned('A2'),
  lateEntry: altered('A6', (entry) => ({ ...entry, date: '2027-04-05' })),
  bankSplit: splitBank,
  workedTogether,
  tooMany: added(account('sundry', 'Sundry account', { number: '6900', type: 'sundry-operating' })),
  /** Given up early: little is set up, nothing recorded. */
  barelyBegun: () => halfWay(2),
  /** All is set up; no balance, no entry. */
  halfDone: () => halfWay(9),
} satisfies Record<string, Fault>;

/** Nothing wrong: what is paid out goes through an account of its own, of the same type. */
function splitBank(book: Book): Book {
  const second = account('bank-payments', 'Bank, payments', { number: '1012', type: 'bank' });
  return {
    ...book,
    accounts: [...book.accounts, second],
    entries: book.entries.map((entry) => ({
      ...entry,
      lines: entry.lines.map((line) =>
        line.account === 'bank' && line.amount < 0 ? { ...line, account: second.id } : line,
      ),
    })),
  };
}

export type FaultName = keyof typeof FAULTS;

/** The finished book with some faults made in it. */
export const workWith = (faults: readonly FaultName[]): Book =>
  faults.reduce((book, fault) => FAULTS[fault](book), keyBook());

/** The work of one who is half way: the accounts are set up, the opening balances begun, nothing recorded. */
export function halfWay(accounts: number): Book {
  const start = startBook();
  const known = new Set(start.accounts.map((each) => each.id));
  const fresh = keyBook().accounts.filter((each) => !known.has(each.id));
  const made = fresh
    .slice(0, accounts)
    .filter((each) => each.parent === null || known.has(each.parent));
  return { ...start, accounts: [...start.accounts, ...made] };
}

export interface DemoStudent {
  readonly name: string;
  readonly state: 'not-started' | 'working' | 'handed-in' | 'given-back';
  readonly faults: readonly FaultName[];
}

const student = (
  name: string,
  state: DemoStudent['state'],
  ...faults: readonly FaultName[]
): DemoStudent => ({ name, state, faults });

/** The class group of the demo: 24 invented students, with work in every state. */
export const STUDENTS: readonly DemoStudent[] = [
  student('Ade Marlow', 'handed-in', 'passesInRevenue', 'openingForgotten', 'noInsurance'),
  student(
    'Bea Lindqvist',
    'handed-in',
    'longPrepayment',
    'noVanCharge',
    'noInsurance',
    'workedTogether',
  ),
  student('Caro Whitby', 'given-back', 'plainDepreciation'),
  student('Dov Armitage', 'given-back', 'swappedDigits'),
  student('Ella Nakata', 'handed-in', 'passesForgotten', 'wrongAmount'),
  student('Farid Osei', 'handed-in', 'passesInRevenue', 'wrongType', 'turnedRound', 'oddName'),
  student('Greta Pohl', 'handed-in', 'noParent', 'oddNumber', 'noWages'),
  student('Hugh Santos', 'handed-in', 'allowanceAsExpense', 'passesInRevenue'),
  student('Ines Okafor', 'handed-in', 'passesInRevenue', 'oddNumber', 'otherName', 'noInsurance'),
  student('Jonah Weir', 'handed-in', 'barelyBegun'),
  student('Kaia Brandt', 'handed-in', 'passesInRevenue', 'noWages'),
  student(
    'Lior Mendes',
    'handed-in',
    'allowanceAsExpense',
    'longPrepayment',
    'passesForgotten',
    'noInsurance',
    'tooMany',
  ),
  student('Maud Teller', 'handed-in', 'wrongAmount', 'noInsurance', 'lateEntry'),
  student(
    'Nico Abara',
    'handed-in',
    'plainDepreciation',
    'passesInRevenue',
    'wrongType',
    'noVanCharge',
  ),
  student('Orla Finch', 'given-back', 'otherName'),
  student('Priya Vance', 'handed-in', 'halfDone'),
  student('Quin Darrow', 'handed-in', 'noInsurance', 'noVanCharge', 'workedTogether', 'oddName'),
  student('Rosa Imhof', 'handed-in', 'allowanceAsExpense', 'bankSplit'),
  student('Sami Kettle', 'given-back', 'passesInRevenue', 'noInsurance'),
  student('Tess Obi', 'handed-in', 'passesInRevenue', 'plainDepreciation', 'lateEntry'),
  student('Umar Lyle', 'handed-in', 'noParent', 'wrongSide', 'noInsurance', 'noWages'),
  student('Vera Quill', 'working'),
  student('Wim Aldous', 'not-started'),
  student('Xenia Holt', 'working'),
];
