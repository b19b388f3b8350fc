import type { Amount } from '../../model/money/amount.js';
import { dayAt, type Calendar } from './days.js';
import { plainly } from './as-said.js';
import { plainToken, rawPieces, shareAt, spanAt, type Raw } from './raw-tokens.js';
import type { Token, TokenKind } from './token.js';
import { DOING, lemmaOf, monthNamed, phraseAt } from './words.js';

/** Words after a number that say that it is money: what is paid, and what joins parts of a sentence. */
const COSTS: ReadonlySet<string> = new Set(
  (
    'wage goods service fees taxes rates expenses supplies is was has cash bank of plus less minus interest this its us ' +
    'and but with while on at for from down are were thus his towards across besides sales relates belongs concerns covers comes goes refers remains takings earnings savings charge bill cost customer supplier receivable payable cheque doubtful sundries'
  ).split(' '),
);

const EACH: ReadonlySet<string> = new Set(['each', 'apiece', 'per', '@', '×']);

/** Whether a number counts things: `30 bowls at 12 each`, `12 passes for 600`. */
function isCount(raws: readonly Raw[], at: number, hasSigns: boolean): boolean {
  const [raw, next] = [raws[at], raws[at + 1]];
  if (!raw || !next || raw.number === null || raw.number % 100 !== 0) return false;
  const word = next.text.toLowerCase();
  const isBare = hasSigns && !raw.isMoney && /^\p{Ll}{3}/u.test(word) && !COSTS.has(word);
  const isPeople = lemmaOf(word) === 'customer';
  if (isBare && raw.number < 100_000 && (isPeople || !COSTS.has(lemmaOf(word)))) return true;
  if (EACH.has(word) || (raw.isMoney && !isMany(raws, at))) return false;
  if (!/^\p{Ll}/u.test(word) || COSTS.has(word) || COSTS.has(lemmaOf(word))) return false;
  const others = raws.filter((each, i) => i !== at && each.number !== null && !each.isPercent);
  if (others.length === 0) return false;
  const second = raws[at + 2]?.text ?? '';
  const isTwoWords = /^\p{Ll}{4,}s$/u.test(second) && !COSTS.has(lemmaOf(second)) && !raw.isMoney;
  return (
    (word.length > 3 && word.endsWith('s')) ||
    (isTwoWords && raw.number <= 10_000 && !COSTS.has(word)) ||
    raws.some(({ text }) => EACH.has(text.toLowerCase()))
  );
}

/** Thousands of pieces: `5,000 shares`, `1,200 tiles at 3 each`. */
const isMany = (raws: readonly Raw[], at: number): boolean =>
  /^\d{1,3}(?:,\d{3})+$/.test(raws[at]?.text ?? '') &&
  (raws[at + 1]?.text === 'shares' || raws.some(({ text }) => EACH.has(text.toLowerCase())));

const SILENT: ReadonlySet<string> = new Set([
  'number',
  'no',
  'nr',
  'ref',
  'reference',
  'receipt',
  'net',
  'n',
  'week',
  'job',
  'phase',
]);

const token = (kind: TokenKind, said: string, rest: Partial<Token> = {}): Token => ({
  ...{ kind, word: `#${kind}`, said, value: 0 },
  ...rest,
});

const BEFORE_YEARS: ReadonlySet<string> = new Set([
  'in',
  'until',
  'till',
  'by',
  'since',
  'year',
  'end',
  'during',
]);

const PERIODS: ReadonlySet<string> = new Set([
  'quarter',
  'half',
  'end',
  'month',
  'year',
  'beginning',
  'spring',
  'autumn',
  'summer',
  'winter',
]);

/** A year that is named: `to be shot in 2028`, `June 2027`, `the first quarter of 2027`. */
function isYear(raws: readonly Raw[], at: number): boolean {
  if (!/^20\d\d$/.test(raws[at]?.text ?? '')) return false;
  const [before, first] = [raws[at - 1], raws[at - 2]].map((raw) => raw?.text.toLowerCase() ?? '');
  const isOfPeriod = before === 'of' && PERIODS.has(first ?? '');
  const hasOthers = raws.some((raw, i) => i !== at && raw.number !== null && raw.isMoney);
  if (before === 'for' && hasOthers && !raws[at]?.isMoney) return true;
  return isOfPeriod || BEFORE_YEARS.has(before ?? '') || monthNamed(before ?? '') > 0;
}

const TERMS: ReadonlySet<string> = new Set(['within', 'in', 'after']);

/** Days, or weeks until something is due: `in 14 days`, `within three weeks`. */
function isTerm(raws: readonly Raw[], at: number): boolean {
  const unit = lemmaOf(raws[at + 1]?.text.replace(/[’']s?$/, '') ?? '');
  return unit === 'day' || (unit === 'week' && TERMS.has(raws[at - 1]?.text.toLowerCase() ?? ''));
}

function numberToken(raws: readonly Raw[], at: number, hasSigns: boolean): Token | null {
  const raw = raws[at];
  if (raw?.number == null) return null;
  const { text: said, number } = raw;
  if (isYear(raws, at)) return token('word', said, { word: '#year' });
  if (SILENT.has(raws[at - 1]?.text.toLowerCase() ?? '') && !raw.isMoney)
    return token('word', said, { word: said });
  if (raw.isPercent || ['%', 'percent'].includes(raws[at + 1]?.text ?? ''))
    return token('percent', said, { value: number });
  if (raws[at + 1]?.text === 'per' && raws[at + 2]?.text === 'cent')
    return token('percent', said, { value: number });
  if (isTerm(raws, at)) return token('word', said, { word: '#days' });
  if (isCount(raws, at, hasSigns)) return token('count', said, { value: number / 100 });
  if (!/\d/.test(said)) return token('count', said, { value: number / 100 });
  return token('amount', said, { value: number, isMoney: raw.isMoney });
}

const LEFT_OUT: ReadonlySet<string> = new Set([
  'the',
  'an',
  '%',
  'percent',
  'its',
  'his',
  'her',
  'their',
  'our',
  'this',
]);

/** Whether `a year` behind it says how often: `6 % a year`, `900 a month`. */
const isRate = (last: Token | undefined): boolean =>
  last?.kind === 'percent' || last?.kind === 'amount';

/** The tokens of a sentence, as they are read from its pieces. */
function tokensOf(sentence: string, calendar: Calendar): Token[] {
  const raws = rawPieces(sentence);
  const tokens: Token[] = [];
  for (let at = 0; at < raws.length;) {
    const raw = raws[at] as Raw;
    const day = dayAt(raws, at, calendar);
    const span = day || isRate(tokens.at(-1)) ? null : spanAt(raws, at);
    const share = day || span ? null : shareAt(raws, at);
    const said = raw.text;
    if (day) tokens.push(token('day', said, { day: day.day }));
    else if (span) tokens.push(token('span', said, { value: span.months }));
    else if (share) tokens.push(token('share', said, { value: share.value }));
    else if (!LEFT_OUT.has(said.toLowerCase()))
      tokens.push(
        numberToken(raws, at, calendar.hasSigns ?? false) ?? plainToken(raw, raws[at - 1]),
      );
    at += (day ?? span ?? share)?.length ?? 1;
  }
  return withPhrases(asVerbs(plainly(tokens)));
}

/** `Purchase of moulds for 3,750`, `Receipt of 1,350`: what is done, named by a noun. */
const NOUNS: Readonly<Record<string, string>> = {
  purchase: 'buy',
  sale: 'sell',
  sales: 'sell',
  receipt: 'receive',
  payment: 'pay',
  return: 'return',
  issue: 'issue',
  withdrawal: 'withdraw',
  repayment: 'repay',
  collection: 'receive',
  settlement: 'pay',
};

/** `Supplied flowers for a funeral`: by the business, where nobody stands before it. */
const isSupplied = (tokens: readonly Token[], at: number): boolean =>
  tokens[at + 1]?.word !== 'by' &&
  (tokens[at]?.said === 'Supplied' ||
    (tokens[at]?.said === 'Delivered' &&
      tokens.some(({ word }) => word === 'to') &&
      !tokens.some(({ word }) => word === 'invoice')));

const OF_MONEY: ReadonlySet<string> = new Set(['pay', 'repay', 'buy', 'put', 'give', 'borrow']);

/** `Sent unsold magazines back to the printer`: returned; and nothing is paid between. */
function backAt(tokens: readonly Token[]): readonly Token[] | null {
  const to = tokens.findIndex(({ word }) => word === 'back');
  const at = tokens.findIndex(({ word }) => ['send', 'bring', 'take'].includes(word));
  const isOne = tokens.slice(at + 1, to).every(({ word }) => !OF_MONEY.has(word));
  if (at < 0 || to - at < 2 || to - at > 6 || !isOne) return null;
  return tokens.flatMap((each, i) =>
    i === to ? [] : [i === at ? { ...each, word: 'return' } : each],
  );
}

/** `Toys were ordered from Holm and delivered the same day`: what came was bought. */
function orderedAndCame(tokens: readonly Token[]): readonly Token[] | null {
  const at = tokens.findIndex(({ word }) => word === 'order');
  const came = tokens.findIndex(
    ({ word }, i) =>
      i > at + 1 && ['deliver', 'arrive'].includes(word) && tokens[i - 1]?.word === 'and',
  );
  if (at < 0 || came < at + 3) return null;
  return tokens.flatMap((each, i) =>
    i === came || i === came - 1 ? [] : [i === at ? { ...each, word: 'buy' } : each],
  );
}

function asVerbs(tokens: readonly Token[]): readonly Token[] {
  const at = tokens.findIndex(({ kind }) => kind !== 'day' && kind !== 'comma');
  const [noun, next] = [tokens[at], tokens[at + 1]];
  if (noun && isSupplied(tokens, at))
    return tokens.map((each) => (each === noun ? { ...each, word: 'sell' } : each));
  const back = backAt(tokens) ?? orderedAndCame(tokens);
  if (back) return back;
  if (noun?.word === 'send' && tokens.some(({ word }) => word === 'cheque'))
    return tokens.map((each) => (each === noun ? { ...each, word: 'pay' } : each));
  const verb = NOUNS[noun?.said.toLowerCase() ?? ''];
  if (!noun || !verb || !['of', 'to', 'from'].includes(next?.word ?? '')) return tokens;
  const rest = next?.word === 'of' ? tokens.slice(at + 2) : tokens.slice(at + 1);
  return [...tokens.slice(0, at), { ...noun, word: verb }, ...rest];
}

/** Words that say one thing together are one token. */
function withPhrases(tokens: readonly Token[]): Token[] {
  const lemmas = tokens.map(({ word }) => word);
  const found: Token[] = [];
  for (let at = 0; at < tokens.length;) {
    const phrase = phraseAt(lemmas, at);
    const length = phrase?.length ?? 1;
    const said = tokens
      .slice(at, at + length)
      .map((each) => each.said)
      .join(' ');
    const words = phrase?.as.split(' ') ?? [];
    if (phrase) found.push(...words.map((word, i) => token('word', i === 0 ? said : '', { word })));
    else found.push(tokens[at] as Token);
    at += length;
  }
  return found;
}

/** A sentence, or a part of one, as it is looked through. */
export class Told {
  /** Its words in a row, with a blank at each end. */
  readonly line: string;

  constructor(readonly tokens: readonly Token[]) {
    this.line = ` ${tokens.map(({ word }) => word).join(' ')} `;
  }

  /** Whether any of some words or rows of words stands in it: `onaccount|owe|be due`. */
  has(said: string): boolean {
    return said.split('|').some((each) => this.line.includes(` ${each} `));
  }

  of(kind: TokenKind): readonly Token[] {
    return this.tokens.filter((each) => each.kind === kind);
  }

  get amounts(): readonly Token[] {
    return this.of('amount');
  }

  /** Its first amount, in hundredths; null: it has none. */
  get first(): Amount | null {
    return this.amounts[0]?.value ?? null;
  }

  /** Its first word that tells what is done. */
  get verb(): string {
    return this.tokens.find(({ word }) => DOING.has(word))?.word ?? '';
  }

  /** The first of its words, whatever days and marks stand before it. */
  get firstWord(): Token | undefined {
    return this.tokens.find(({ kind }) => kind === 'word');
  }

  /** The parts between some words, without those. */
  split(at: ReadonlySet<string>): Told[] {
    const parts: Token[][] = [[]];
    for (const token of this.tokens)
      if (at.has(token.word)) parts.push([]);
      else parts.at(-1)?.push(token);
    return parts.filter((tokens) => tokens.length > 0).map((tokens) => new Told(tokens));
  }

  indexOf(...words: readonly string[]): number {
    return this.tokens.findIndex(({ word }) => words.includes(word));
  }

  /** The amount that stands first behind a word; null: none does. */
  amountAfter(...words: readonly string[]): Token | null {
    const at = this.indexOf(...words);
    if (at < 0) return null;
    return this.tokens.slice(at + 1).find(({ kind }) => kind === 'amount') ?? null;
  }

  /** The amount that stands nearest to a word. */
  amountNear(...words: readonly string[]): Token | null {
    const at = this.indexOf(...words);
    if (at < 0) return null;
    const far = (i: number) => Math.abs(i - at);
    const places = [...this.tokens.keys()].filter((i) => this.tokens[i]?.kind === 'amount');
    const nearest = places.sort((a, b) => far(a) - far(b))[0];
    return nearest === undefined ? null : (this.tokens[nearest] ?? null);
  }

  /** What stands before a place, and from there on. */
  cut(at: number): readonly [Told, Told] {
    return [new Told(this.tokens.slice(0, at)), new Told(this.tokens.slice(at))];
  }
}

export const told = (sentence: string, calendar: Calendar): Told =>
  new Told(tokensOf(sentence, calendar));
