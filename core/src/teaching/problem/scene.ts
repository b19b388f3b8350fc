import type { Amount } from '../../model/money/amount.js';
import { lastOfMonth } from './days.js';
import type { Known, KnownAccount, KnownLine } from './known.js';
import type { Token } from './token.js';
import { type Told } from './told.js';
import { DOING, OURS } from './words.js';

/** One entry that a sentence tells. */
export interface Happening {
  readonly text: string;
  readonly lines: readonly KnownLine[];
  /** Another day than the sentence’s. */
  readonly date?: string;
}

/** What came of a sentence, or of a part of one: entries; or why there are none. */
export type Understood =
  | {
      readonly entries: readonly Happening[];
      /** Amounts that are said and stand in no line: a price for each, a cost of which only a part is taken. */
      readonly uses?: readonly Amount[];
    }
  | { readonly why: string };

/** Where an amount would be reckoned from balances to which a sentence before is missing. */
export const AFTER_A_GAP = 'it is reckoned from a sentence before it that is not understood';

export const why = (text: string): Understood => ({ why: text });

/** A part of a sentence in the middle of its problem. */
export interface Scene {
  readonly said: Told;
  readonly known: Known;
  /** ISO 8601: the day of what is told. */
  readonly day: string;
  /** ISO 8601: the first day of the books. */
  readonly firstDay: string;
  /** The end of the period, where adjusting entries are asked for; null: it is told day by day. */
  readonly closing: string | null;
  /** The whole sentence, as it is written. */
  readonly text: string;
}

/** Tells what a part of a sentence does to the books; null: it tells of something else. */
export type Event = (scene: Scene) => Understood | null;

export const debit = (account: KnownAccount, amount: Amount): KnownLine => ({ account, amount });
export const credit = (account: KnownAccount, amount: Amount): KnownLine => ({
  account,
  amount: -amount,
});

export const entry = (text: string, ...lines: readonly KnownLine[]): Happening => ({
  text,
  lines: lines.filter(({ amount }) => amount !== 0),
});

export const does = (
  text: string,
  lines: readonly KnownLine[],
  uses: readonly Amount[] = [],
): Understood => ({ entries: [entry(text, ...lines)], uses });

/** Words with which the name of a thing ends. */
const ENDS: ReadonlySet<string> = new Set(
  (
    'for at on from with by in , ; and worth cost to into of be that which who against as under per each pay owe onaccount ' +
    'cash bank receive until till before after is through over during use value have amount amounting total totalling ' +
    'private advance notyet monthof wrongly insteadof when then home again today'
  ).split(' '),
);

const ARTICLES: ReadonlySet<string> = new Set(
  'a another some more new second-hand second used old further additional small large several'.split(
    ' ',
  ),
);

/** `a used van` is a van. */
const isArticle = ({ word, said }: Token): boolean =>
  ARTICLES.has(word) || ARTICLES.has(said.toLowerCase());

const UNCOUNTED: ReadonlySet<string> = new Set(['count', 'share', 'span', 'month']);

/** Whether a word names a thing: it does nothing, and ends nothing. */
const isPlain = (token: Token | undefined): boolean =>
  token?.kind === 'word' && !ENDS.has(token.word) && !DOING.has(token.word);

/** The words of a thing from a place on, without its article; where a number stands before it, behind that. */
export function thingFrom(tokens: readonly Token[], from: number): readonly Token[] {
  let at = from;
  while (tokens[at] && UNCOUNTED.has(tokens[at]?.kind ?? '')) at++;
  if (tokens[at]?.word === 'of' && at > from) at++;
  const words: Token[] = [];
  for (const [i, token] of tokens.entries()) {
    if (i < at) continue;
    if (words.length === 0 && UNCOUNTED.has(token.kind)) continue;
    if (words.length === 0 && isArticle(token)) continue;
    const goesOn = token.word === 'and' && words.length > 0 && isPlain(tokens[i + 1]);
    const isTill = token.word === 'till' && words.length === 0 && i > at;
    if (token.kind !== 'word' || (ENDS.has(token.word) && !goesOn && !isTill)) break;
    words.push(token);
  }
  return words;
}

/** As it is written: words that say one thing together are written with the first of them. */
export const phrase = (tokens: readonly Token[]): string =>
  tokens.flatMap(({ said }) => (said === '' ? [] : [said])).join(' ');

/** The words of a sentence as they are written, without its figures. */
export const wordsOf = ({ said }: Scene): string =>
  phrase(said.tokens.filter(({ kind }) => kind === 'word'));

/** What is spoken of behind a word; empty where the word doesn’t stand there, or nothing is named. */
export function thingAfter({ tokens }: Told, ...words: readonly string[]): string {
  for (const [at, { word }] of tokens.entries()) {
    if (!words.includes(word)) continue;
    const found = phrase(thingFrom(tokens, at + 1));
    if (found !== '') return found;
  }
  return '';
}

/** What is named before a word: the subject of `the rent was paid`. */
export function thingBefore({ tokens }: Told, ...words: readonly string[]): string {
  const at = tokens.findIndex(({ word }) => words.includes(word));
  if (at <= 0) return '';
  return phrase(thingFrom(tokens.slice(0, at), 0));
}

/** A name as that of an account: with a capital letter. */
export const titled = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Somebody named by a word with a capital letter behind some words; empty: nobody is. */
export function partyAfter({ tokens }: Told, ...words: readonly string[]): string {
  for (const [at, { word }] of tokens.entries()) {
    if (!words.includes(word)) continue;
    const named: Token[] = [];
    for (const token of tokens.slice(at + 1)) {
      const joins = named.length > 0 && token.said === '&';
      if (!joins && (!token.isNamed || token.kind !== 'word')) break;
      named.push(token);
    }
    if (named.length > 0) return phrase(named);
  }
  return '';
}

/** `Visitors buy cider`, `a club buys ten lessons`: what others buy is sold. */
export function isBoughtByOthers(said: Told): boolean {
  const [first] = said.tokens;
  const isCustomer = first?.word === 'customer' || said.tokens[1]?.word === 'customer';
  const isOne = first?.word === 'a' || first?.kind === 'count';
  return said.verb === 'buy' && isSomebodyElse(said) && (isCustomer || isOne);
}

const KINDS: ReadonlySet<string> = new Set(['shop', 'studio']);

/** `The design shop`: another one, since a word says which. */
const isOfAKind = (tokens: readonly Token[], at: number): boolean =>
  KINDS.has(tokens[at]?.word ?? '') &&
  isPlain(tokens[at - 1]) &&
  !/^(?:own|new|whole|our)$/i.test(tokens[at - 1]?.said ?? '');

/** Whether somebody stands before what is done, and it is not the business: `the school pays`, never `is paid`. */
export function isSomebodyElse(said: Told, does?: string): boolean {
  const at = said.tokens.findIndex(({ word }) => (does ? word === does : DOING.has(word)));
  const before = said.tokens.slice(0, Math.max(0, at)).filter(({ kind }) => kind === 'word');
  const isPassive = before.some(({ word }) => word === 'be' || word === 'have');
  const isOne = before[0]?.word === 'a' || said.tokens[0]?.kind === 'count';
  const isOurs =
    !isOne && before.some(({ word }, i) => OURS.includes(word) && !isOfAKind(before, i));
  return before.length > 0 && !isPassive && !isOurs;
}

const MONEY_COMES =
  'cash money cheque payment fees fee interest rent bill invoice order notice deposit donation grant loan goods delivery takings amount dividend dividends refund credit card'.split(
    ' ',
  );

/** `Got magazines from the printer, invoice over 120`: what came in is not money. */
export const isReceivedWithBill = (said: Told): boolean =>
  said.verb === 'receive' &&
  !isBillReceived(said) &&
  said.has('from') &&
  said.has('invoice over|invoice of|invoice for|bill over|bill of') &&
  !MONEY_COMES.includes(said.tokens[said.indexOf('receive') + 1]?.word ?? '');

const ENDS_OBJECT: ReadonlySet<string> = new Set(['from', 'for', 'of', 'on', 'by', ',', 'in']);

/** `Received an invoice from the printer`: a bill is what comes in, and no money. */
export function isBillReceived({ tokens }: Told): boolean {
  const from = tokens.findIndex(({ word }) => word === 'receive') + 1;
  const end = tokens.findIndex(
    ({ word, kind }, i) => i >= from && (ENDS_OBJECT.has(word) || kind === 'amount'),
  );
  const object = tokens.slice(from, end < 0 ? tokens.length : end);
  return from > 0 && object.some(({ word }) => ['invoice', 'bill', 'statement'].includes(word));
}

/** `A student got 560 in wages`, `the landlord receives 900`: who is named before it gets it, and it is paid by the business. */
export function isPaidToOthers(said: Told): boolean {
  const at = said.tokens.findIndex(({ word }) => word === 'receive');
  const verb = said.tokens[at];
  const before = said.tokens.slice(0, Math.max(0, at)).filter(({ kind }) => kind === 'word');
  if (!verb || said.verb !== 'receive' || /^receipts?$/i.test(verb.said)) return false;
  const isNext = ['amount', 'count'].includes(said.tokens[at + 1]?.kind ?? '');
  const isMoney = before.some(({ word }) => MONEY_COMES.includes(word));
  return isNext && !isMoney && isSomebodyElse(said, 'receive');
}

/** The last day of the month in which a sentence stands. */
export const endOf = ({ day }: Scene): string => lastOfMonth(day);
