import { readNumber } from './account-number.js';
import { day } from './day.js';
import { activity } from './scheme.js';
import { blankOf, record } from '../shape/record.js';
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
} from '../shape/shape.js';

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
  /** Whether its type was taken from its name alone, and nobody has said so yet. */
  guessed: usually(flag, false),
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

/** What a field says of itself, beside its shape. */
export interface FieldSays {
  /** As people call it, in the middle of a sentence. */
  readonly says: string;
  /** Whether some check looks at it, so that a thing in which it differs is not the same: what checks look at is no less. */
  readonly isCompared: boolean;
}

interface AccountFieldSays extends FieldSays {
  /** Whether it says nothing of the place: such fields are changed together, and undone together. */
  readonly isParticular: boolean;
}

const compared = { isCompared: true, isParticular: false } as const;
const particular = { isCompared: false, isParticular: true } as const;

/** Every field of an account; whatever compares, names or changes them asks here. */
export const ACCOUNT_FIELDS = {
  id: { says: 'id', isCompared: false, isParticular: false },
  name: { says: 'name', ...compared },
  number: { says: 'number', ...compared },
  type: { says: 'type', ...compared },
  guessed: { says: 'whether its type is a guess', isCompared: false, isParticular: false },
  parent: { says: 'parent', ...compared },
  retired: { says: 'state', ...compared },
  description: { says: 'description', ...particular },
  cashFlow: { says: 'cash flow', isCompared: true, isParticular: true },
  taxLine: { says: 'tax line', ...particular },
  taxCode: { says: 'tax code', ...particular },
  budget: { says: 'budget', ...particular },
  budgets: { says: 'budget by period', ...particular },
  headsOnly: { says: 'whether it only heads others', ...particular },
  usedFrom: { says: 'first day', ...particular },
  bankDetails: { says: 'number at the bank', ...particular },
  chargedTo: { says: 'where it is charged on', ...particular },
  statedSide: { says: 'normal side as answered', ...compared },
} as const satisfies Readonly<Record<keyof Account, AccountFieldSays>>;

/** The names of fields of which something is said to be so. */
type Those<T extends Readonly<Record<string, object>>, Says> = {
  [K in keyof T]: T[K] extends Says ? K : never;
}[keyof T];

/** The fields at which a check may look. */
export type ComparedField<T extends Readonly<Record<string, object>>> = Those<
  T,
  { readonly isCompared: true }
>;

/** The fields that are compared. */
export const comparedOf = <T extends Readonly<Record<string, FieldSays>>>(
  fields: T,
): readonly ComparedField<T>[] =>
  Object.entries(fields).flatMap(([name, { isCompared }]) =>
    isCompared ? [name as ComparedField<T>] : [],
  );

type Particular = Those<typeof ACCOUNT_FIELDS, { readonly isParticular: true }>;

/** The fields of an account that say nothing of its place: changed together, undone together. */
export const PARTICULARS = Object.entries(ACCOUNT_FIELDS).flatMap(([name, { isParticular }]) =>
  isParticular ? [name as Particular] : [],
);

export type Particulars = Pick<Account, Particular>;

export const particularsOf = (account: Account): Particulars =>
  Object.fromEntries(PARTICULARS.map((name) => [name, account[name]])) as unknown as Particulars;
