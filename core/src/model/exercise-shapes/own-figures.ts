import * as z from 'zod/mini';
import { id } from '../shapes/account.js';
import { judged, list, text, whole } from '../shape/shape.js';
import { refusal } from '../refusal/refusal.js';

const optional = z.optional;
const DECIMAL = /^-?\d{1,9}(\.\d{1,4})?$/;
const NAME = /^[a-z][a-z0-9_]{0,29}$/;

const notDecimal = refusal(
  'figures.decimal',
  (f: { text: string }) => `“${f.text}” is not a number. Write digits, such as 12 or 0.25.`,
);
const notAName = refusal(
  'figures.name',
  (f: { text: string }) =>
    `“${f.text}” can’t be the name of a quantity. Begin with a small letter; then letters, digits and _, at most 30.`,
);

const decimal = judged(
  (given) => (DECIMAL.test(given) ? null : notDecimal({ text: given.slice(0, 40) })),
  { pattern: DECIMAL.source },
);
const quantityName = judged(
  (given) => (NAME.test(given) ? null : notAName({ text: given.slice(0, 40) })),
  { pattern: NAME.source },
);
/** A share over zero of what was made: `0.6`, `1.4`. */
const SHARE = /^(0\.\d{1,2}|[1-9](\.\d{1,2})?)$/;
const notAShare = refusal(
  'figures.share',
  (f: { text: string }) =>
    `“${f.text}” is no share over zero and under ten. Write it like 0.6 or 1.4.`,
);
const share = judged(
  (given) =>
    SHARE.test(given) && Number(given) > 0 ? null : notAShare({ text: given.slice(0, 40) }),
  { pattern: SHARE.source },
);
const formula = text(500);

/** A named quantity: drawn from a range, in steps. */
const quantityFile = z.strictObject({
  name: quantityName.value,
  from: decimal.value,
  to: decimal.value,
  step: decimal.value,
});

/** A formula at the place of an amount, or (days later than as made) of a date. */
const placedFile = z.strictObject({ at: text(250).value, says: formula.value });

/** A name as it is made, and others that may stand instead. */
const nameFile = z.strictObject({
  name: text(120).value,
  instead: list(text(120), 50, 'names').value,
});

/** What is drawn for each student, from a seed. */
export const ownFiguresFile = z.strictObject({
  quantities: optional(z.array(quantityFile).check(z.maxLength(100))),
  formulas: optional(z.array(placedFile).check(z.maxLength(5_000))),
  /** Every amount without a formula has a draw of its own, from this share of it to that. */
  each: optional(z.strictObject({ from: share.value, to: share.value })),
  /** The formula of every amount that has none of its own; `usual` is the amount as it was made. */
  everywhere: optional(formula.value),
  /** Amounts by the formula for all are rounded to so many minor units. */
  roundTo: optional(whole(1, 1_000_000).value),
  /** The account that takes what keeps the opening balances in balance. */
  rest: optional(id.value),
  names: optional(z.array(nameFile).check(z.maxLength(100))),
});

export type OwnFigures = z.output<typeof ownFiguresFile>;
export type Quantity = z.output<typeof quantityFile>;
