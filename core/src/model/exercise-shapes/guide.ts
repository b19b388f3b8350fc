import * as z from 'zod/mini';
import { day } from '../shapes/day.js';
import { pictureText } from './picture.js';
import { list, oneOf, text } from '../shape/shape.js';

const optional = z.optional;
const ids = (what: string) => optional(list(text(200), 5_000, what).value);

/** A figure published with a step: a formula over the key as it stands at the end of the step. */
const checkFigureFile = z.strictObject({ name: text(120).value, says: text(500).value });

/** What of an account is left aside until a step brings it in. */
export const REVEALED = ['numbers', 'types', 'taxes'] as const;
export type Revealed = (typeof REVEALED)[number];

const stepFile = z.strictObject({
  id: text(60).value,
  title: text(120).value,
  /** The heading under which it stands; absent: that of the step before. */
  section: optional(text(120).value),
  /** Markdown; `{= formula }` is a figure of the key’s book. */
  words: optional(text(10_000).value),
  /** What it asks for, by the key’s ids. */
  accounts: ids('accounts'),
  openings: ids('opening balances'),
  entries: ids('entries'),
  documents: ids('documents'),
  questions: ids('questions'),
  figures: optional(z.array(checkFigureFile).check(z.maxLength(20))),
  sheets: ids('sheets'),
  /** From this step on numbers, types within a section, or tax lines are shown; before, they are kept back. */
  brings: optional(z.array(oneOf(REVEALED).value).check(z.maxLength(REVEALED.length))),
});

const SHEET_KINDS = [
  'accounts',
  'balances',
  'trial-balance',
  'happenings',
  'papers',
  'bank-statement',
  'table',
  'picture',
] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

const sheetFile = z.strictObject({
  id: text(60).value,
  title: text(120).value,
  kind: oneOf(SHEET_KINDS).value,
  /** The step whose accounts, balances or entries it shows; absent: all that are not given. */
  step: optional(text(60).value),
  /** The last day of a trial balance or of a bank’s statement; absent: the day that is compared last. */
  at: optional(day.value),
  /** The money account of a bank’s statement; absent: the first. */
  account: optional(text(200).value),
  /** Of a table: its rows, cell by cell. */
  rows: optional(z.array(list(text(300), 20, 'cells').value).check(z.maxLength(500))),
  /** Of a picture: itself, as a data URL (PNG or JPEG), or the name under which it is kept. */
  picture: optional(pictureText),
});

/** A word that is explained, by the exercise’s own author. */
const wordFile = z.strictObject({ word: text(60).value, says: text(1000).value });

/** What leads through an exercise: its steps, the papers beside the work, words that are explained. */
export const guideFile = z.strictObject({
  steps: optional(z.array(stepFile).check(z.maxLength(60))),
  sheets: optional(z.array(sheetFile).check(z.maxLength(60))),
  /** Said once, shown at every step: Markdown. */
  assumes: optional(text(4_000).value),
  words: optional(z.array(wordFile).check(z.maxLength(200))),
});

export type Step = z.output<typeof stepFile>;
export type SourceSheet = z.output<typeof sheetFile>;
export type Guide = z.output<typeof guideFile>;
