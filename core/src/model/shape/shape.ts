import * as z from 'zod/mini';
import { LARGEST_AMOUNT, type Amount } from '../money/amount.js';
import { formatDecimal } from '../money/format-amount.js';
import { amountTooLarge, decimalOf, parseDecimal } from '../money/parse-amount.js';
import type { Refusal, Result } from '../refusal/refusal.js';
import { faultsOfIssues, listOf, textTooLong, textUnprintable, wants } from './explain.js';

type Json = unknown;

/**
 * One declaration of a thing, from which follow its type, how it is read and written, and the JSON Schema of
 * its file. In memory and on the wire an amount is an integer of minor units and what is not said is null; in a
 * file an amount is a decimal text and what is not said is left out.
 */
export interface Shape<T> {
  /** As it is in memory and crosses the wire. */
  readonly value: z.ZodMiniType<T>;
  /** As it stands in a file, for a currency with so many decimals. */
  file(digits: number): z.ZodMiniType;
  /**
   * From a file's JSON, quickly: throws UNFIT when it does not fit, for `file` to say why. Both judge alike, which
   * is held by a test.
   */
  read(json: Json, digits: number): T;
  /** What stands in memory where a file says nothing; absent: something must be said. */
  readonly usual?: T;
  /** Into the canonical JSON of a file; undefined: left out. */
  write(value: T, digits: number): Json;
}

/** Thrown where a value does not fit; what is wrong with it is told by the schema library. */
export const UNFIT = new Error('does not fit its shape');

function unfit(): never {
  throw UNFIT;
}

export type ValueOf<S> = S extends Shape<infer T> ? T : never;

const same = <T>(value: z.ZodMiniType<T>, fits: (json: Json) => boolean): Shape<T> => ({
  value,
  file: () => value,
  read: (json) => (fits(json) ? (json as T) : unfit()),
  write: (kept) => kept,
});

/** A text judged by a function of our own, which tells what is wrong with it. */
export const judgedText = (
  judge: (text: string) => Refusal | null,
  meta: Record<string, unknown> = {},
): z.ZodMiniType<string> =>
  z.string().check((payload) => {
    const found = judge(payload.value);
    if (found)
      payload.issues.push({ code: 'custom', input: payload.value, params: { refusal: found } });
  }, z.meta(meta));

const UNPRINTABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

const isText = (json: Json, limit: number): boolean =>
  typeof json === 'string' && json.length <= limit && !UNPRINTABLE.test(json);

/** A text of at most so many characters, none of them a control character but tabs and line ends. */
export const text = (limit = 2000): Shape<string> =>
  same(
    judgedText(
      (given) => {
        if (given.length > limit) return textTooLong({ limit });
        return UNPRINTABLE.test(given) ? textUnprintable({}) : null;
      },
      { maxLength: limit },
    ),
    (json) => isText(json, limit),
  );

export const judged = (
  judge: (text: string) => Refusal | null,
  meta: Record<string, unknown> = {},
): Shape<string> =>
  same(judgedText(judge, meta), (json) => typeof json === 'string' && judge(json) === null);

export const flag: Shape<boolean> = same(z.boolean(), (json) => typeof json === 'boolean');

export const oneOf = <const T extends string>(among: readonly T[]): Shape<T> =>
  same(z.enum(among as readonly [T, ...T[]]) as unknown as z.ZodMiniType<T>, (json) =>
    among.includes(json as T),
  );

export const exactly = <const T extends string | true>(wanted: T): Shape<T> =>
  same(z.literal(wanted) as unknown as z.ZodMiniType<T>, (json) => json === wanted);

export const whole = (from: number, to: number): Shape<number> => {
  const words = `a whole number from ${from} to ${to}`;
  const ends = [z.gte(from), z.lte(to)].map((end) => wants(end, words));
  return same(
    wants(z.int().check(...ends), words),
    (json) => Number.isInteger(json) && (json as number) >= from && (json as number) <= to,
  );
};

const wireAmount: z.ZodMiniType<Amount> = wants(
  z.int().check((payload) => {
    if (Math.abs(payload.value) > LARGEST_AMOUNT)
      payload.issues.push({
        code: 'custom',
        input: payload.value,
        params: { refusal: amountTooLarge({ text: String(payload.value) }) },
      });
  }),
  'a whole number of minor units',
);

/** What is wrong with a decimal text of a file, for a currency with so many decimals. */
const decimalFault = (digits: number) => (given: string) => {
  const read = parseDecimal(given, digits);
  return read.ok ? null : (read.refusals[0] ?? null);
};

export const perDigits = (
  make: (digits: number) => z.ZodMiniType,
): ((digits: number) => z.ZodMiniType) => {
  const made = new Map<number, z.ZodMiniType>();
  return (digits) => {
    const known = made.get(digits);
    if (known) return known;
    const shape = make(digits);
    made.set(digits, shape);
    return shape;
  };
};

const DECIMAL = { pattern: '^-?\\d+(\\.\\d+)?$' };

/** Minor units in memory, a decimal text in a file. */
export const amount: Shape<Amount> = {
  value: wireAmount,
  file: perDigits((digits) => judgedText(decimalFault(digits), DECIMAL)),
  read(json, digits) {
    if (typeof json !== 'string') return unfit();
    const plain = decimalOf(json, digits);
    if (plain !== null) return plain;
    const read = parseDecimal(json, digits);
    return read.ok ? read.value : unfit();
  },
  write: (kept, digits) => formatDecimal(kept, digits),
};

/** Null in memory where a file says nothing. */
export const orNull = <T>(of: Shape<T>): Shape<T | null> => ({
  value: z._default(z.nullable(of.value), null as never) as unknown as z.ZodMiniType<T | null>,
  file: perDigits((digits) => z.optional(of.file(digits))),
  read: of.read,
  usual: null,
  write: (kept, digits) => (kept === null ? undefined : of.write(kept, digits)),
});

const usualIf = <T>(of: Shape<T>, usual: T, isWritten: boolean): Shape<T> => ({
  value: z._default(of.value, usual as never) as unknown as z.ZodMiniType<T>,
  file: perDigits((digits) => z.optional(of.file(digits))),
  read: of.read,
  usual,
  write: (kept, digits) => (!isWritten && kept === usual ? undefined : of.write(kept, digits)),
});

/** The usual value where nothing is said; a file leaves it out. */
export const usually = <T>(of: Shape<T>, usual: T): Shape<T> => usualIf(of, usual, false);

/** The usual value where nothing is said; a file writes it out all the same. */
export const filled = <T>(of: Shape<T>, usual: T): Shape<T> => usualIf(of, usual, true);

/** A list of at most so many. */
export const list = <T>(of: Shape<T>, limit: number, what: string): Shape<readonly T[]> => {
  const listed = (shape: z.ZodMiniType) =>
    z.array(shape).check(listOf(z.maxLength(limit) as never, what) as never);
  return {
    value: listed(of.value) as unknown as z.ZodMiniType<readonly T[]>,
    file: perDigits((digits) => listed(of.file(digits))),
    read(json, digits) {
      if (!Array.isArray(json) || json.length > limit) return unfit();
      return json.map((each) => of.read(each, digits));
    },
    write: (kept, digits) => kept.map((each) => of.write(each, digits)),
  };
};

/** A list that a file leaves out where it is empty. */
export const listIfAny = <T>(of: Shape<T>, limit: number, what: string): Shape<readonly T[]> => {
  const listed = list(of, limit, what);
  return {
    ...listed,
    value: z._default(listed.value, [] as never) as unknown as z.ZodMiniType<readonly T[]>,
    file: perDigits((digits) => z.optional(listed.file(digits))),
    usual: [],
    write: (kept, digits) => (kept.length === 0 ? undefined : listed.write(kept, digits)),
  };
};

/** What is read when everything fits; null when something does not. */
export function quickly<T>(read: () => T): T | null {
  try {
    return read();
  } catch (thrown) {
    if (thrown === UNFIT) return null;
    throw thrown;
  }
}

/** Tries a shape on a value; refuses with every fault at its path. */
export function fitting<T>(shape: z.ZodMiniType<T>, value: unknown, path = ''): Result<T> {
  const tried: z.core.ParsePayload = { value, issues: [] };
  shape._zod.run(tried, { async: false });
  if (tried.issues.length === 0) return { ok: true, value: tried.value as T };
  return { ok: false, refusals: faultsOfIssues(tried.issues, path) };
}
