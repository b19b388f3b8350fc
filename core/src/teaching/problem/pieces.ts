import type { ListRow } from './list-row.js';
import { joinedRests, type Whole } from './joined-sentences.js';
import { proseRows } from './prose-rows.js';
import { hundredths } from './token.js';
import { monthNamed } from './words.js';

/** A sentence as it is written, without what counts it. */
export interface Sentence {
  readonly text: string;
  /** As it is read: sentences that tell one thing are one. */
  readonly read: string;
  /** A bare number before it, that can be a day of the month; null: none. */
  readonly number: number | null;
  /** Whether it stands in a list that is counted, or has a dash before it. */
  readonly isCounted: boolean;
}

/** What a problem’s text consists of, in its order. */
export type Piece =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'row'; readonly row: ListRow }
  | { readonly kind: 'sentence'; readonly sentence: Sentence };

const SHORT: ReadonlySet<string> = new Set(
  'ltd co no nr inc mr mrs ms dr st plc approx incl excl e.g i.e jan feb mar apr jun jul aug sep sept oct nov dec'.split(
    ' ',
  ),
);

/** Where sentences end: a mark, then a blank and a new beginning. */
function sentencesOf(line: string): string[] {
  const found: string[] = [];
  let from = 0;
  for (let at = 0; at < line.length; at++) {
    if (!'.!?'.includes(line.charAt(at))) continue;
    const said = line.slice(from, at).split(/[\s(]/).at(-1) ?? '';
    const before = said.toLowerCase();
    const isEnd = at + 1 >= line.length || /\s/.test(line.charAt(at + 1));
    const isCount = /^\d{1,2}(?:[./-]\d{1,2}(?:[./-]\d{2,4})?)?$/.test(line.slice(from, at).trim());
    if (!isEnd || SHORT.has(before) || isCount || /^\p{Lu}$/u.test(said)) continue;
    found.push(line.slice(from, at + 1).trim());
    from = at + 1;
  }
  return [...found, line.slice(from).trim()].filter((each) => each !== '');
}

const BULLET = /^(?:[-–•*·]|\(?[a-z]\)|\(?\d{1,2}[.)](?!\d)|\d{1,2}:|\(?[ivx]{1,5}[.)])\s+/;
const BARE_NUMBER = /^(\d{1,2})\s+(?=\p{Lu})/u;
/** `Mon 3:`, `Tuesday 4th –`, `Wed, 5 April`: the day of the week says nothing more. */
const WEEKDAY = /^(?:mon|tue|wed|thu|fri|sat|sun)\p{Ll}{0,6}\.?,? (?=\d)/iu;
const WEEKDAY_NUMBER = /^(\d{1,2})(?:st|nd|rd|th)?(?: ?[:.,–-])?\s+(?=[\p{Lu}\p{Sc}\d])/u;

function sentenceOf({ text, read }: Whole): Sentence {
  const unmarked = text.replace(BULLET, '');
  const plain = unmarked.replace(WEEKDAY, '');
  const number = (plain === unmarked ? BARE_NUMBER : WEEKDAY_NUMBER).exec(plain);
  const isMonth = /^\d{1,2}\s+(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)/.test(plain);
  const counted = number && !isMonth ? number[0].length : 0;
  const from = text.length - plain.length + counted;
  return {
    text: text.slice(from),
    read: read.slice(from),
    number: counted > 0 ? Number(number?.[1]) : null,
    isCounted: from > 0,
  };
}

const SIDES: Readonly<Record<string, 'debit' | 'credit'>> = {
  dr: 'debit',
  debit: 'debit',
  d: 'debit',
  cr: 'credit',
  credit: 'credit',
  c: 'credit',
};

/** `March 2027`, `31 May 2027`: a day or month, and no amount. */
const isYear = (words: readonly string[]): boolean =>
  /^(?:19|20)\d\d$/.test(words.at(-1) ?? '') &&
  words.some((word) => monthNamed(word) > 0 || /^year$/i.test(word));

/** `Question 3`, `Part 2`: what is counted, and no account. */
const COUNTED =
  /^(?:question|problem|exercise|task|case|part|example|chapter|page|step|no|number|unit|lesson|week|day)\.?$/i;

/** An amount at the end of a row, with its side, where the row is no more than a name before it. */
function listRow(line: string): ListRow | null {
  const cells = line.split(/[\t|]/).map((cell) => cell.trim());
  const inColumns = cells.length > 1 ? columnRow(cells) : null;
  if (inColumns) return inColumns;
  const words = line
    .replace(/[.…]{3,}|_{2,}/g, ' ')
    .trim()
    .split(/\s+/);
  const side = SIDES[words.at(-1)?.toLowerCase().replace(/[.()]/g, '') ?? ''] ?? null;
  const rest = side === null ? words : words.slice(0, -1);
  const amount = hundredths((rest.at(-1) ?? '').replace(/^\p{Sc}/u, ''));
  const name = rest
    .slice(0, -1)
    .join(' ')
    .replace(/^[-•*·]|[:–-]$|\p{Sc}$/gu, '')
    .trim();
  if (
    amount === null ||
    isYear(words) ||
    COUNTED.test(name) ||
    rest.length < 2 ||
    rest.length > 8 ||
    !/\p{L}/u.test(name)
  )
    return null;
  return { name, amount, side };
}

function columnRow(cells: readonly string[]): ListRow | null {
  const at = cells.findIndex((cell) => /\p{L}/u.test(cell));
  const name = cells[at] ?? '';
  const found = cells.findIndex(
    (cell, i) => i > at && hundredths(cell.replace(/^\p{Sc} ?/u, '')) !== null,
  );
  if (at < 0 || found < 0 || name.split(' ').length > 7) return null;
  const amount = hundredths((cells[found] ?? '').replace(/^\p{Sc} ?/u, ''));
  const isCredit = found - at >= 2 && cells[at + 1] === '';
  const isDebit = found === at + 1 && cells.length > at + 2 && cells[at + 2] === '';
  return { name, amount, side: isCredit ? 'credit' : isDebit ? 'debit' : null };
}

const LIST = /\b(?:accounts?|assets|liabilities|balances?|opening|trial balance|position)\b/i;

const HAD = /\b(?:had|has|have|owned|showed|stood|books show|were)\b[^:]*$/i;

/** `On 1 January she had: bank 3,900, tools 5,200, capital 9,100`: what there was, each with its amount. */
const isWhatThereWas = (before: string, cells: readonly string[]): boolean =>
  HAD.test(before) && cells.length > 2 && cells.every((cell) => listRow(cell)?.amount != null);

/** `Balances: bank 4,200; capital 4,200`, `Accounts: Bank, Sales`: a list within a line. */
function listIn(line: string): ListRow[] | null {
  const colon = line.indexOf(':');
  if (colon < 0) return null;
  const rest = line
    .slice(colon + 1)
    .trim()
    .replace(/\.$/, '');
  if (rest === '') return null;
  const cells = rest.includes(';')
    ? rest.split(';')
    : rest.split(/, (?:and )?|(?<=\d|\bDr|\bCr|[dc]ebit) and (?=\p{L})/u);
  const before = line.slice(0, colon);
  if (!LIST.test(before) && !isWhatThereWas(before, cells)) return null;
  return cells.map((cell) => listRow(cell) ?? { name: cell.trim(), amount: null, side: null });
}

const isHeading = (line: string): boolean =>
  line.endsWith(':') ||
  (!/[.!?;]$/.test(line) &&
    line.split(/\s+/).length <= 7 &&
    !/\d[.,]\d|\d{3}/.test(line.replace(/\b(?:19|20)\d\d\b/g, '')));

/** A line without blanks around it; its tabs are cells. */
function withoutBlanks(line: string): string {
  let [from, to] = [0, line.length];
  while (line[from] === ' ') from++;
  while (to > from && line[to - 1] === ' ') to--;
  return line.slice(from, to);
}

/** A line that goes on where the one before it was broken. */
function joined(text: string): string[] {
  const lines: string[] = [];
  for (const line of text.replaceAll('\r\n', '\n').split('\n')) {
    const before = lines.at(-1) ?? '';
    const plain = line.trim();
    const goesOn =
      /^[\p{Ll}(€$£]|^\d[\d,.]* \p{Ll}/u.test(plain) && before !== '' && !/[.!?:;]$/.test(before);
    if (goesOn && !listRow(before)) lines[lines.length - 1] = `${before} ${plain}`;
    else lines.push(withoutBlanks(line));
  }
  return lines;
}

const isVerbless = (line: string): boolean =>
  !/\b(?:buys?|bought|pa(?:ys?|id)|s(?:ells?|old)|receive[sd]?|owes?|takes?|took|invest(?:s|ed)|puts?|is|are|was|were|has|ha[dv]e?)\b/i.test(
    line,
  );

const NAME_OF_MONTH = '(?:jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]{0,6}\\.?';
/** `June 1    Sales of beer for cash    $3,475`: a row of a journal tells what happened, whatever it has no verb for. */
const DATED_ROW = new RegExp(
  `^(?:${NAME_OF_MONTH} \\d{1,2}|\\d{1,2} ${NAME_OF_MONTH}|\\d{1,2}[./-]\\d{1,2}(?:[./-]\\d{2,4})?)[\\s|,.:]+(?!balance\\b)\\p{L}`,
  'iu',
);

/** What a sentence says that there was, in rows; else itself. */
function told(whole: Whole): Piece[] {
  const { text } = whole;
  const list = listIn(text);
  const rows = list?.some(({ amount }) => amount !== null) ? list : proseRows(text);
  if (!rows) return [{ kind: 'sentence', sentence: sentenceOf(whole) }];
  return [{ kind: 'heading', text }, ...rows.map((row): Piece => ({ kind: 'row', row }))];
}

/** A problem’s text in its pieces. */
export function piecesOf(text: string): Piece[] {
  const pieces: Piece[] = [];
  let isChart = false;
  for (const line of joined(text)) {
    if (line.trim() === '') {
      isChart = false;
      continue;
    }
    const list = listIn(line);
    const isTold = /[.!?]$/.test(line) || !isVerbless(line) || DATED_ROW.test(line.trim());
    const row = isTold ? null : listRow(line);
    if (list) {
      pieces.push({ kind: 'heading', text: line.slice(0, line.indexOf(':') + 1) });
      pieces.push(...list.map((each): Piece => ({ kind: 'row', row: each })));
    } else if (row) pieces.push({ kind: 'row', row });
    else if (isChart && !/[.!?:]$/.test(line))
      pieces.push({
        kind: 'row',
        row: { name: line.replace(BULLET, '').trim(), amount: null, side: null },
      });
    else if (isHeading(line.trim())) {
      isChart = LIST.test(line) && !/balance/i.test(line) && line.trim().endsWith(':');
      pieces.push({ kind: 'heading', text: line.trim() });
    } else for (const each of joinedRests(sentencesOf(line.trim()))) pieces.push(...told(each));
  }
  return joinCounts(pieces);
}

/** `3.` alone counts the sentence behind it. */
const joinCounts = (pieces: readonly Piece[]): Piece[] =>
  pieces.filter((piece) => piece.kind !== 'sentence' || /\p{L}{2}/u.test(piece.sentence.text));
