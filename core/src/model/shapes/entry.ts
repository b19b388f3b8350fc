import * as z from 'zod/mini';
import { amountUnreadable, decimalOf, parseDecimal } from '../money/parse-amount.js';
import { formatDecimal } from '../money/format-amount.js';
import type { Amount } from '../money/amount.js';
import { refusal } from '../refusal/refusal.js';
import type { FieldSays } from './account.js';
import { day } from './day.js';
import { record } from '../shape/record.js';
import {
  amount,
  filled,
  judgedText,
  list,
  oneOf,
  text,
  UNFIT,
  usually,
  type Shape,
  type ValueOf,
} from '../shape/shape.js';

const oneSide = refusal(
  'file.one-side',
  () => 'Exactly one of “debit” and “credit” must stand here.',
);
const amountNotPositive = refusal(
  'file.amount-sign',
  (f: { text: string }) =>
    `“${f.text}” must not be below zero. Put the amount on the other side instead.`,
);

export const ENTRY_KINDS = [
  'opening',
  'general',
  'sales',
  'purchases',
  'cash-receipts',
  'cash-payments',
  'transfer',
  'adjusting',
  'closing',
  'prior-period-adjustment',
] as const;

export type EntryKind = (typeof ENTRY_KINDS)[number];

export interface Line {
  readonly account: string;
  /** Minor units, debit positive, never zero. */
  readonly amount: Amount;
  /** Of which customer or supplier it is, on an account on which several stand; absent: not said. */
  readonly party?: string;
}

const id = text(200);

interface LineInFile {
  readonly account: string;
  readonly debit?: string;
  readonly credit?: string;
  readonly party?: string;
}

const sideFault = (digits: number) => (given: string) => {
  if (decimalOf(given, digits) !== null) return null;
  const read = parseDecimal(given, digits);
  if (!read.ok) return read.refusals[0] ?? null;
  return given.startsWith('-')
    ? amountNotPositive({ text: given })
    : amountUnreadable({ text: given });
};

const lineFiles = new Map<number, z.ZodMiniType>();

/** In memory a signed amount; in a file a debit or a credit. */
export const lineShape: Shape<Line> = {
  value: record({ account: id, amount, party: id }, 'party').value,
  file(digits) {
    const known = lineFiles.get(digits);
    if (known) return known;
    const side = z.optional(judgedText(sideFault(digits), { pattern: '^\\d+(\\.\\d+)?$' }));
    const made = z
      .strictObject({
        account: id.value,
        debit: side,
        credit: side,
        party: z.optional(id.value),
      })
      .check((payload) => {
        const { debit, credit } = payload.value as LineInFile;
        if ((debit === undefined) === (credit === undefined))
          payload.issues.push({
            code: 'custom',
            input: payload.value,
            params: { refusal: oneSide({}) },
          });
      });
    lineFiles.set(digits, made);
    return made;
  },
  read(json, digits) {
    if (typeof json !== 'object' || json === null) throw UNFIT;
    let side: string | null = null;
    for (const name in json)
      if ((json as Record<string, unknown>)[name] === undefined) continue;
      else if (name === 'debit' || name === 'credit') side = side === null ? name : 'both';
      else if (name !== 'account' && name !== 'party') throw UNFIT;
    const { account, debit, credit, party } = json as LineInFile;
    const given = side === 'debit' ? debit : side === 'credit' ? credit : undefined;
    const amount = typeof given === 'string' ? decimalOf(given, digits) : null;
    if (amount === null) throw UNFIT;
    const line = {
      account: id.read(account, digits),
      amount: side === 'debit' ? amount : -amount || 0,
    };
    return party === undefined ? line : { ...line, party: id.read(party, digits) };
  },
  write: ({ account, amount, party }, digits) => ({
    account,
    ...(amount > 0
      ? { debit: formatDecimal(amount, digits) }
      : { credit: formatDecimal(-amount, digits) }),
    ...(party === undefined ? {} : { party }),
  }),
};

/** The most lines that one entry has. */
const MOST_LINES = 200;

/** A dated, balanced set of at least two debit and credit lines. */
export const entryShape = record(
  {
    id,
    date: day,
    kind: filled(oneOf(ENTRY_KINDS), 'general'),
    reference: usually(text(), ''),
    text: usually(text(), ''),
    lines: list(lineShape, MOST_LINES, 'lines in one entry'),
    /** The document, or the schedule, that made it; absent: a person entered it. */
    document: id,
    schedule: id,
  },
  'document',
  'schedule',
);

export type Entry = ValueOf<typeof entryShape>;

/** Every field of an entry; whatever compares them asks here. */
export const ENTRY_FIELDS = {
  id: { says: 'id', isCompared: false },
  date: { says: 'day', isCompared: true },
  kind: { says: 'kind', isCompared: true },
  reference: { says: 'reference', isCompared: false },
  text: { says: 'text', isCompared: false },
  lines: { says: 'lines', isCompared: true },
  document: { says: 'document', isCompared: false },
  schedule: { says: 'schedule', isCompared: false },
} as const satisfies Readonly<Record<keyof Entry, FieldSays>>;

/** The same of a line. */
export const LINE_FIELDS = {
  account: { says: 'account', isCompared: true },
  amount: { says: 'amount', isCompared: true },
  party: { says: 'customer or supplier', isCompared: false },
} as const satisfies Readonly<Record<keyof Line, FieldSays>>;
