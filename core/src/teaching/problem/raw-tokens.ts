import { hundredths, shareOf, type Token } from './token.js';
import { lemmaOf, monthNamed, NUMBERS, PARTS } from './words.js';

/** A piece as it is written: a number, a word, a mark. */
export interface Raw {
  readonly text: string;
  /** In hundredths; null for what is no number. */
  readonly number: number | null;
  /** Whether it is written as money: with the sign of a currency, thousands apart, or decimals. */
  readonly isMoney: boolean;
  readonly isPercent: boolean;
}

const PIECES =
  /\p{Sc} ?\d[\d.,’']*|\d{1,3}(?: \d{3})+(?!\d)|\d[\d.,’'/-]*(?:st|nd|rd|th)?%?|\p{L}[\p{L}\p{N}’'&-]*|[,;:()%@×]/gu;

const CURRENCIES: ReadonlySet<string> = new Set(
  'euro euros eur dollar dollars usd pound pounds gbp franc francs chf crown crowns'.split(' '),
);

/** A piece without the marks of the sentence behind it. */
function withoutMarks(said: string): string {
  let to = said.length;
  while (to > 0 && '.,'.includes(said[to - 1] ?? ' ')) to--;
  return said.slice(0, to);
}

function rawOf(said: string): Raw {
  const text = withoutMarks(said) || said;
  const isPercent = text.endsWith('%');
  const bare = text.replace(/^\p{Sc} ?/u, '').replace(/%$/, '');
  const word = NUMBERS.get(text.toLowerCase());
  const number = word === undefined ? hundredths(bare) : 100 * word;
  const isMoney = number !== null && word === undefined && /\p{Sc}|[.,’' ]\d/u.test(text);
  return { text, number, isMoney: isMoney && !isPercent, isPercent };
}

/** The pieces of a sentence; the name of a currency beside a number makes it money and is left out. */
export function rawPieces(sentence: string): Raw[] {
  const plain = sentence
    .replaceAll(/[\u00a0\u202f]/g, ' ')
    .replaceAll('–', '-')
    .replaceAll(/#\s?\d[\d-]*/g, ' ')
    // Somebody is known by the name behind the initials.
    .replaceAll(/(?<![\p{L}.])\p{Lu}\. (?=\p{Lu}\p{Ll})/gu, '');
  const raws: Raw[] = [];
  let isNextMoney = false;
  for (const [said] of plain.matchAll(PIECES)) {
    // A comma that was written behind a number is a mark of the sentence.
    const raw = rawOf(said);
    const last = raws.at(-1);
    if (CURRENCIES.has(raw.text.toLowerCase())) {
      if (last?.number != null) raws[raws.length - 1] = { ...last, isMoney: true };
      else isNextMoney = true;
      continue;
    }
    raws.push(isNextMoney && raw.number !== null ? { ...raw, isMoney: true } : raw);
    isNextMoney = false;
    if (said.length > 1 && said.endsWith(',')) raws.push(rawOf(','));
  }
  return raws;
}

/** A number of months, days or pieces in words or figures; null for what is none, or no whole number. */
export const wholeOf = (raw: Raw | undefined): number | null =>
  raw?.number != null && raw.number % 100 === 0 && !raw.isMoney ? raw.number / 100 : null;

const MONTHS_IN: Readonly<Record<string, number>> = { month: 1, year: 12 };

/** `For the quarter to 30 June`: three months, and no part of anything. */
const isQuarter = (first: Raw | undefined, second: Raw | undefined): boolean =>
  /^quarter$/i.test(first?.text ?? '') && /^(?:to|ended|ending|until)$/i.test(second?.text ?? '');

/** `three months`, `a year`, `six-month`, `quarterly`: months, and how many pieces say it. */
export function spanAt(
  raws: readonly Raw[],
  at: number,
): { months: number; length: number } | null {
  const [first, second] = [raws[at], raws[at + 1]];
  const joined = /^(\p{L}+|\d+)-(month|year)s?$/u.exec(first?.text.toLowerCase() ?? '');
  if (joined) {
    const count = NUMBERS.get(joined[1] ?? '') ?? Number(joined[1]);
    const months = MONTHS_IN[joined[2] ?? ''] ?? 0;
    return count > 0 ? { months: count * months, length: 1 } : null;
  }
  if (isQuarter(first, second)) return { months: 3, length: 1 };
  if (/^half$/i.test(first?.text ?? '') && lemmaOf(second?.text ?? '') === 'year')
    return { months: 6, length: 2 };
  const months = MONTHS_IN[lemmaOf(second?.text.replace(/[’']s?$/, '') ?? '')];
  if (months === undefined) return null;
  const said = first?.text.toLowerCase() ?? '';
  const count = said === 'a' || said === 'one' || said === 'an' ? 1 : wholeOf(first);
  return count === null ? null : { months: months * count, length: 2 };
}

/** `half`, `a third`, `two thirds`, `three quarters`, `1/3`: a part of a whole, and how many pieces say it. */
export function shareAt(
  raws: readonly Raw[],
  at: number,
): { value: number; length: number } | null {
  if (/^(?:first|second|last|latter|terms)$/i.test(raws[at - 1]?.text ?? '')) return null;
  const [first, second] = [raws[at]?.text.toLowerCase() ?? '', raws[at + 1]?.text.toLowerCase()];
  const figures = /^(\d)\/(\d)$/.exec(first);
  if (figures) return { value: shareOf(Number(figures[1]), Number(figures[2])), length: 1 };
  const under = PARTS.get(second ?? '');
  const over = first === 'a' || first === 'one' ? 1 : wholeOf(raws[at]);
  if (under !== undefined && over !== null) return { value: shareOf(over, under), length: 2 };
  const alone = first === 'half' ? 2 : first === 'third' ? 3 : first === 'quarter' ? 4 : null;
  return alone === null ? null : { value: shareOf(1, alone), length: 1 };
}

const PAUSES: ReadonlySet<string> = new Set([',', ':', '(', ')']);

/** `The caretaker’s pay` is a wage. */
const isTheirPay = (text: string, before: Raw | undefined): boolean =>
  text === 'pay' && /[’']s?$/.test(before?.text ?? '');

const JOINED: ReadonlySet<string> = new Set(
  'the our this its his her their my of for by to from with and in at on new whole own that'.split(
    ' ',
  ),
);

/** `A finance company`, `the heating firm`: one of a kind is somebody else, and never the business. */
const isOthers = (word: string, before: Raw | undefined): boolean =>
  (word === 'owner' && /[’']s$/.test(before?.text ?? '')) || isOfAKind(word, before);

const isOfAKind = (word: string, before: Raw | undefined): boolean =>
  ['company', 'firm'].includes(word) &&
  /^\p{L}[\p{L}-]*$/u.test(before?.text ?? '') &&
  !JOINED.has(before?.text.toLowerCase() ?? '');

/** A piece that is no number: a word, a mark. */
export function plainToken({ text }: Raw, before: Raw | undefined): Token {
  if (PAUSES.has(text)) return { kind: 'comma', word: ',', said: text, value: 0 };
  if (text === ';') return { kind: 'stop', word: ';', said: text, value: 0 };
  const month = monthNamed(text);
  const isNamed = /^\p{Lu}/u.test(text);
  if (month > 0 && isNamed) return { kind: 'month', word: 'monthof', said: text, value: month };
  const bare = text.replace(/[’']s?$/, '');
  const own = isTheirPay(text, before) ? 'wage' : lemmaOf(bare);
  const word = isOthers(own, before) ? 'others' : own;
  return { kind: 'word', word, said: text, value: 0, isNamed };
}
