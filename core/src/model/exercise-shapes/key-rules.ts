import * as z from 'zod/mini';
import { id } from '../shapes/account.js';
import { day } from '../shapes/day.js';
import { either } from '../shape/either.js';
import { ownFiguresFile } from './own-figures.js';
import { questionFile } from './question.js';
import { record } from '../shape/record.js';
import { exactly, flag, list, oneOf, text, whole } from '../shape/shape.js';

/** What a student's number is compared with. `nextTo` names a key account it must stand behind. */
const NUMBER_RULES = ['exact', 'in-band', 'any'] as const;
export type NumberRule = (typeof NUMBER_RULES)[number] | { readonly nextTo: string };

const rule = z.enum(NUMBER_RULES);
const neighbour = record({ nextTo: id }).value;
const numberRule = either([rule, neighbour], (value) =>
  typeof value === 'object' && value !== null ? neighbour : rule,
) as z.ZodMiniType<NumberRule>;

const optional = z.optional;
const MOST = 5_000;

/** What else is accepted for one account of the key; what is left out has its usual value. */
const acceptedFile = z.strictObject({
  account: id.value,
  names: optional(list(text(), 500, 'names').value),
  /** Names that say something else. */
  otherNames: optional(list(text(), 500, 'names').value),
  types: optional(list(id, 500, 'types').value),
  number: optional(numberRule),
  required: optional(flag.value),
  /** An account that is not to be set up. */
  forbidden: optional(flag.value),
  several: optional(flag.value),
  /** Why it is accepted: two places can be right. */
  reason: optional(text(500).value),
});

export type AcceptedFile = z.output<typeof acceptedFile>;

const acceptedEntryFile = z.strictObject({
  entry: id.value,
  from: optional(day.value),
  to: optional(day.value),
  required: optional(flag.value),
});

export type AcceptedEntryFile = z.output<typeof acceptedEntryFile>;

const sheetDate = record({ statement: exactly('balance-sheet'), at: day }).value;
const profitDate = record({ statement: exactly('profit-and-loss'), from: day, to: day }).value;

/** A date or period at which the statements are compared. */
export type StatementDate =
  | { readonly statement: 'balance-sheet'; readonly at: string }
  | { readonly statement: 'profit-and-loss'; readonly from: string; readonly to: string };

const anyStatement = z.looseObject({ statement: z.enum(['balance-sheet', 'profit-and-loss']) });

const dateFile = either([sheetDate, profitDate], (value) => {
  const { statement } = (value ?? {}) as { statement?: unknown };
  if (statement === 'balance-sheet') return sheetDate;
  return statement === 'profit-and-loss' ? profitDate : anyStatement;
}) as z.ZodMiniType<StatementDate>;

/** What a student may set of the company, and what is then compared. */
export const SETTINGS = [
  'legalForm',
  'currency',
  'firstDay',
  'periods',
  'inventory',
  'cashFlow',
  'basis',
] as const;
export type Setting = (typeof SETTINGS)[number];

/** What an exercise is about: what its checks are usually worth follows from it. */
export const AIMS = ['types', 'numbers', 'setting-up', 'books'] as const;
export type Aim = (typeof AIMS)[number];

/** Points by check, or by check and what it is about. */
const pointsFile = z.record(text(250).value, whole(0, 1000).value);

/** What a key says besides its book, as it stands in a file and is kept with an exercise. */
export const keyRulesFile = z.strictObject({
  accepts: optional(z.array(acceptedFile).check(z.maxLength(MOST))),
  acceptsEntries: optional(z.array(acceptedEntryFile).check(z.maxLength(20_000))),
  statementDates: optional(z.array(dateFile).check(z.maxLength(60))),
  /** Absent: what the key’s book shows. */
  aim: optional(oneOf(AIMS).value),
  points: optional(pointsFile),
  /** What the whole counts, whatever the points of its checks add up to. */
  total: optional(whole(1, 1000).value),
  questions: optional(z.array(questionFile).check(z.maxLength(200))),
  figures: optional(ownFiguresFile),
  /** Settings of the company that students make and that are compared; absent: the company is set by its author. */
  settings: optional(z.array(oneOf(SETTINGS).value).check(z.maxLength(SETTINGS.length))),
});

export type KeyRulesFile = z.output<typeof keyRulesFile>;
