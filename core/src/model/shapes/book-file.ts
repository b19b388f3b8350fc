import * as z from 'zod/mini';
import { refusal } from '../refusal/refusal.js';
import { accountShape, id } from './account.js';
import { companyShape } from './company.js';
import { day } from './day.js';
import { SUBLEDGERS } from './subledgers.js';
import { either } from '../shape/either.js';
import { entryShape, lineShape } from './entry.js';
import { numberPlanShape } from './number-plan.js';
import { writtenScheme } from './scheme.js';
import { list } from '../shape/shape.js';
import { taxListShape } from './tax-list.js';

export const BOOK_FORMAT = 'gleddo-book';

export const notThisFormat = refusal(
  'file.format',
  (f: { wanted: string; found: string }) =>
    `The file says it is “${f.found}”; a file of the format “${f.wanted}”, version 1, is wanted here.`,
);

/** The most that a book holds. */
export const MOST_ACCOUNTS = 5_000;
export const MOST_ENTRIES = 20_000;
/** Characters of a book as text, without indents. */
export const LARGEST_BOOK = 4_000_000;

export const accountsShape = list(accountShape, MOST_ACCOUNTS, 'accounts');
export const balancesShape = list(lineShape, MOST_ACCOUNTS, 'opening balances');
export const entriesShape = list(entryShape, MOST_ENTRIES, 'entries');

const schemeOrId = (digits: number): z.ZodMiniType =>
  either([id.value, writtenScheme.file(digits)], (value) =>
    typeof value === 'string' ? id.value : writtenScheme.file(digits),
  );

const planOrId = (digits: number): z.ZodMiniType =>
  either([id.value, z.null(), numberPlanShape.file(digits)], (value) => {
    if (value === null) return z.null();
    return typeof value === 'string' ? id.value : numberPlanShape.file(digits);
  });

const made = new Map<number, z.ZodMiniObject>();

/** The document of a book in a file, for a currency with so many decimals. */
export function bookFile(digits: number): z.ZodMiniObject {
  const known = made.get(digits);
  if (known) return known;
  const shape = z.strictObject({
    format: z.literal(BOOK_FORMAT),
    version: z.literal(1),
    company: companyShape.file(digits),
    scheme: z.optional(schemeOrId(digits)),
    numberPlan: z.optional(planOrId(digits)),
    taxLines: z.optional(taxListShape.file(digits)),
    taxCodes: z.optional(taxListShape.file(digits)),
    accounts: z.optional(accountsShape.file(digits)),
    opening: z.optional(
      z.strictObject({
        date: z.optional(day.value),
        balances: z.optional(balancesShape.file(digits)),
      }),
    ),
    entries: z.optional(entriesShape.file(digits)),
    locked: z.optional(day.value),
    ...Object.fromEntries(
      Object.entries(SUBLEDGERS).map(([name, part]) => [name, z.optional(part.file(digits))]),
    ),
  });
  made.set(digits, shape);
  return shape;
}
