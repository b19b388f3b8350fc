import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import { LARGEST_AMOUNT, type Amount } from './amount.js';

/** How amounts are written: the decimal mark of the person or the file, when it is known. */
export interface AmountStyle {
  /** Decimal places of the currency's minor unit. */
  readonly digits: number;
  /** The decimal mark, when the locale tells; null leaves it to the text itself. */
  readonly decimal: '.' | ',' | null;
}

export const amountUnreadable = refusal(
  'amount.unreadable',
  (f: { text: string; decimal?: string }) =>
    `“${f.text}” is not an amount. Write digits, with a mark for the decimals if there are any: 1234${f.decimal ?? '.'}50.`,
);
const amountAmbiguous = refusal(
  'amount.ambiguous',
  (f: { text: string; one: string; other: string }) =>
    `“${f.text}” can mean ${f.one} or ${f.other}. Write it with its decimals, or without a thousands mark.`,
);
const amountTooFine = refusal('amount.too-fine', (f: { text: string; digits: number }) =>
  f.digits === 0
    ? `“${f.text}” has decimals; this currency has none. Write a whole amount.`
    : `“${f.text}” has more than ${f.digits} decimals; this currency has ${f.digits}. Round it first.`,
);
export const amountTooLarge = refusal(
  'amount.too-large',
  (f: { text: string }) =>
    `“${f.text}” is larger than an amount can be here. Check the zeros, or work in thousands.`,
);

/**
 * Reads an amount as people and spreadsheets write it: `1,234.50`, `1.234,50`, `1 234,50`,
 * `(320.00)`, `-320`, `320-`, `€ 320`. Answers minor units; negative for a minus or parentheses.
 * Refuses what is not an amount, what has too many decimals, and what is ambiguous: one mark before
 * exactly three digits, when the style names no decimal mark.
 */
export function parseAmount(text: string, style: AmountStyle): Result<Amount> {
  const shown = text.trim();
  const { body, negative } = takeSign(shown);
  const afterCurrency = /^\p{Sc}\s*-/u.test(body);
  const minus = negative || afterCurrency;
  const bare = body
    .replace(/^[\p{Sc}]|^[A-Z]{3}(?=[\s\d])|[\p{Sc}]$|(?<=[\s\d])[A-Z]{3}$/gu, '')
    .trim()
    .replace(/^-/, afterCurrency ? '' : '-')
    .replace(/(?<=\d)[\s'’\u00A0\u202F](?=\d{3}(?!\d))/gu, '');
  if (!/^\d[\d.,]*$|^[.,]\d+$/.test(bare)) return refused(unreadable(shown, style));
  const split = splitDecimals(bare, shown, style);
  if (!split.ok) return split;
  const minor = toMinor(split.value, style.digits, shown);
  return minor.ok && minus && minor.value !== 0 ? done(-minor.value) : minor;
}

const unreadable = (text: string, { decimal }: AmountStyle) =>
  amountUnreadable({ text, decimal: decimal ?? '.' });

function takeSign(text: string): { body: string; negative: boolean } {
  const plain = text.replace(/[−–]/g, '-');
  const bracketed = /^\p{Sc}?\s*\((.*)\)$/u.exec(plain);
  if (bracketed) return { body: (bracketed[1] ?? '').trim(), negative: true };
  if (plain.startsWith('-')) return { body: plain.slice(1).trim(), negative: true };
  if (plain.endsWith('-')) return { body: plain.slice(0, -1).trim(), negative: true };
  return { body: plain.replace(/^\+\s*/, ''), negative: false };
}

interface Parts {
  readonly whole: string;
  readonly decimals: string;
}

function splitDecimals(bare: string, shown: string, style: AmountStyle): Result<Parts> {
  const marks = [...bare].filter((c) => c === '.' || c === ',');
  const last = marks[marks.length - 1];
  if (last === undefined) return done({ whole: bare, decimals: '' });
  const at = bare.lastIndexOf(last);
  const before = bare.slice(0, at);
  const after = bare.slice(at + 1);
  const kinds = new Set(marks);
  if (kinds.size === 2) {
    const whole = ungroup(before, last === '.' ? ',' : '.');
    return whole === null || before.includes(last)
      ? refused(unreadable(shown, style))
      : done({ whole, decimals: after });
  }
  if (marks.length > 1) {
    const whole = ungroup(bare, last);
    return whole === null ? refused(unreadable(shown, style)) : done({ whole, decimals: '' });
  }
  if (after.length !== 3 || before.length > 3 || /^0*$/.test(before) || style.decimal === last)
    return done({ whole: before, decimals: after });
  if (style.decimal !== null) return done({ whole: before + after, decimals: '' });
  return refused(
    amountAmbiguous({ text: shown, one: before + after, other: `${before}.${after}` }),
  );
}

/** Groups of three digits, or of two before the last three (12,34,567); null where they are none. */
function ungroup(text: string, mark: string): string | null {
  const groups = text.split(mark);
  const last = groups.at(-1) ?? '';
  const inThrees = groups.every((g, i) => (i === 0 ? /^\d{1,3}$/ : /^\d{3}$/).test(g));
  const inTwos =
    /^\d{3}$/.test(last) &&
    groups.slice(0, -1).every((g, i) => (i === 0 ? /^\d{1,2}$/ : /^\d{2}$/).test(g));
  return groups.length === 1 || inThrees || inTwos ? groups.join('') : null;
}

function toMinor(parts: Parts, digits: number, shown: string): Result<Amount> {
  if (parts.decimals.length > digits) return refused(amountTooFine({ text: shown, digits }));
  const minor = Number(parts.whole + parts.decimals.padEnd(digits, '0'));
  if (!Number.isSafeInteger(minor) || minor > LARGEST_AMOUNT)
    return refused(amountTooLarge({ text: shown }));
  return done(minor);
}

const ZERO = 48;
const POINT = 46;
/** Digits whose number is exact whatever it is: longer ones are left to the slower reading. */
const SAFE_LENGTH = 16;

/**
 * A plain decimal text (digits, a point, at most the currency's decimals) as minor units; null where anything
 * else stands, which parseDecimal then explains. The quick way for the thousands of amounts of a book.
 */
export function decimalOf(text: string, digits: number): Amount | null {
  const { length } = text;
  if (length === 0 || length > SAFE_LENGTH) return null;
  let minor = 0;
  let decimals = -1;
  for (let i = 0; i < length; i++) {
    const code = text.charCodeAt(i);
    if (code === POINT && decimals < 0 && i > 0) decimals = 0;
    else if (code < ZERO || code > ZERO + 9) return null;
    else {
      minor = minor * 10 + code - ZERO;
      if (decimals >= 0) decimals++;
    }
  }
  if (decimals === 0 || decimals > digits) return null;
  for (let i = Math.max(0, decimals); i < digits; i++) minor *= 10;
  return minor <= LARGEST_AMOUNT ? minor : null;
}

/**
 * Reads an amount of an exchange file: digits, a point, exactly or at most the currency's decimals,
 * an optional minus. Nothing else is taken.
 */
export function parseDecimal(text: string, digits: number): Result<Amount> {
  const found = /^(-?)(\d{1,16})(?:\.(\d+))?$/.exec(text);
  if (!found) return refused(amountUnreadable({ text }));
  const minor = toMinor({ whole: found[2] ?? '', decimals: found[3] ?? '' }, digits, text);
  return minor.ok && found[1] && minor.value !== 0 ? done(-minor.value) : minor;
}
