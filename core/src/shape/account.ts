import { readNumber } from '../numbering/account-number.js';
import { day } from './day.js';
import { activity } from './scheme.js';
import { blankOf, record } from './record.js';
import {
  amount,
  flag,
  judged,
  listIfAny,
  oneOf,
  orNull,
  text,
  usually,
  type Shape,
  type ValueOf,
} from './shape.js';

/** What names an account, an entry or a type within its book. */
export const id = text(200);

const numberText = judged(
  (given) => {
    const read = readNumber(given);
    return read.ok ? null : (read.refusals[0] ?? null);
  },
  { maxLength: 15 },
);

/** As it is kept: outer spaces off. */
const number: Shape<string> = {
  ...numberText,
  read: (json, digits) => numberText.read(json, digits).trim(),
};

/** An account of the chart: everything that can be said of one is declared here. */
export const accountShape = record({
  id,
  /** Null while the account is not numbered yet. */
  number: orNull(number),
  name: text(),
  /** The id of an account type; null while the account is not placed yet. */
  type: orNull(id),
  parent: orNull(id),
  retired: usually(flag, false),
  description: orNull(text()),
  /** An activity of its own, where it differs from its type's. */
  cashFlow: orNull(activity),
  /** The id of a line of the tax return, from the book's list; null when it goes into none. */
  taxLine: orNull(text(60)),
  /** The id of the tax code that its entries usually have, from the book's list. */
  taxCode: orNull(text(60)),
  /** For the whole year, minor units, positive on the account's normal side; null when none is set. */
  budget: orNull(amount),
  /** The budget by period of the company’s year, one for each; they add up to it. Empty: it is spread evenly. */
  budgets: listIfAny(amount, 53, 'budgets of an account'),
  /** Whether it only heads others and takes no entries of its own. */
  headsOnly: usually(flag, false),
  /** From which day it takes entries; null: from the beginning. */
  usedFrom: orNull(day),
  /** Of a money account: the number that the bank gave it, made up. */
  bankDetails: orNull(text(120)),
  /** Of an expense: the id of the income account on which it is charged on; one that is gone counts as none. */
  chargedTo: orNull(id),
  /** What whoever placed it says its normal side is; null when nobody was asked. */
  statedSide: orNull(oneOf(['debit', 'credit'])),
});

export type Account = ValueOf<typeof accountShape>;

/** An account of which nothing is said but what must be. */
export const blankAccount = (id: string, name: string): Account =>
  ({ id, name, ...blankOf(accountShape.fields) }) as Account;

/** The fields of an account that say nothing of its place: changed together, undone together. */
export const PARTICULARS = [
  'description',
  'cashFlow',
  'taxLine',
  'taxCode',
  'budget',
  'budgets',
  'headsOnly',
  'usedFrom',
  'bankDetails',
  'chargedTo',
] as const;

export type Particulars = Pick<Account, (typeof PARTICULARS)[number]>;

export const particularsOf = (account: Account): Particulars =>
  Object.fromEntries(PARTICULARS.map((name) => [name, account[name]])) as Particulars;
