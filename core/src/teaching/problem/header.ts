import type { LegalForm } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { dayAt } from './days.js';
import type { Known } from './known.js';
import type { Piece } from './pieces.js';
import { rawPieces } from './raw-tokens.js';
import { phrase, thingFrom } from './scene.js';
import { LASTING_TYPES, bestOf } from './things.js';
import type { Token } from './token.js';
import { told } from './told.js';
import { goodsOfTrade } from './trades.js';
import { lemmaOf, monthNamed } from './words.js';

/** What a problem says of the company itself. */
export interface Header {
  readonly name: string;
  readonly legalForm: LegalForm;
  /** ISO 8601. */
  readonly firstDay: string;
  /** ISO 4217. */
  readonly currency: string;
}

const textOf = (piece: Piece): string =>
  piece.kind === 'sentence' ? piece.sentence.text : piece.kind === 'heading' ? piece.text : '';

const NO_NAMES: ReadonlySet<string> = new Set(
  'the on at in during a an opening accounts balances transactions required adjustments trial record prepare show chart following these this here for his her its problem exercise question task facts notes data all some each every amounts relates concerning'.split(
    ' ',
  ),
);

/** Words with capital letters at the beginning of a text: the company, where they are no month and no day. */
function nameIn(text: string): string {
  const behind =
    /\b(?:balances?|books|accounts|position|transactions|year \d{4}) of (?=\p{Lu})/u.exec(text);
  const own = behind ? text.slice(behind.index + behind[0].length) : text;
  const plain = own.replace(
    /^(?:exercise|problem|question|task|case|example)\b[ \d]*[.:)–-]? ?/i,
    '',
  );
  const words = plain.replace(/[’']s\b.*$/u, '').split(/\s+/);
  const found: string[] = [];
  for (const word of words) {
    const isJoint = found.length > 0 && /^(?:&|and|of|the)$/.test(word);
    if (!isJoint && !/^[\p{Lu}\d]/u.test(word)) break;
    found.push(word.replace(/[,.:;]$/, ''));
    if (/[,.:;]$/.test(word)) break;
  }
  while (/^(?:&|and|of|the)$/.test(found.at(-1) ?? '')) found.pop();
  const [first = ''] = found;
  const isName =
    found.length > 0 &&
    !NO_NAMES.has(first.toLowerCase()) &&
    monthNamed(first) === 0 &&
    !/^\d/.test(first);
  return isName ? found.join(' ') : '';
}

const FORMS: readonly (readonly [LegalForm, RegExp])[] = [
  [
    'non-profit',
    /\b(?:club|choir|orchestra|charity|association|society|non-profit|members’? subscriptions)\b/i,
  ],
  [
    'company',
    /\b(?:shares|shareholders?|stockholders?|dividends?|ltd|inc|plc|limited|corporation|company’s share)\b/i,
  ],
  ['partnership', /\b(?:partners|partnership)\b/i],
];

/** Every day that a text says, in its order. */
function daysIn(pieces: readonly Piece[], year: number): string[] {
  const isMonthFirst = isMonthFirstIn(pieces.map(textOf).join('\n'));
  const calendar = { year, day: `${year}-01-01`, isMonthFirst };
  return pieces.flatMap((piece) => {
    const raws = rawPieces(textOf(piece));
    return raws.flatMap((raw, at) => {
      const day = /^\d{1,2}(?:st|nd|rd|th)$/.test(raw.text) ? null : dayAt(raws, at, calendar);
      return day ? [day.day] : [];
    });
  });
}

/** The year that is said most; the given one where none is. */
export function yearIn(text: string, otherwise: number): number {
  const found = [...text.matchAll(/(?<![\d.,])(?:19|20)\d\d(?![\d,])/g)].map(([year]) =>
    Number(year),
  );
  const counted = new Map<number, number>();
  for (const year of found) counted.set(year, (counted.get(year) ?? 0) + 1);
  return [...counted].sort(([, a], [, b]) => b - a)[0]?.[0] ?? otherwise;
}

/** Whether a text writes its amounts with the sign of a currency, all of them. */
export function hasSignsIn(text: string): boolean {
  const signed = [...text.matchAll(/\p{Sc} ?\d/gu)].length;
  const bare = [
    ...text.matchAll(
      /(?<![\p{Sc}\d.,/-])(?<!\p{Sc} )\d{1,3},\d{3}(?! (?:\p{Ll}+ ){1,3}at \p{Sc})/gu,
    ),
  ].length;
  return signed > 4 && bare === 0;
}

/** A month that is named without a day: `in May 2027`. */
const TWO_FIGURES = /^ {0,3}\(?(?:\d{1,2}[.)] )?(\d{1,2})\/(\d{1,2})(?![\d/])/gm;

/** Whether days in two figures begin with the month, as one tells from a list of them: the month changes seldom. */
export function isMonthFirstIn(text: string): boolean {
  const found = [...text.matchAll(TWO_FIGURES)].map(([, a, b]) => [Number(a), Number(b)] as const);
  const different = (at: 0 | 1) => new Set(found.map((each) => each[at])).size;
  const isDay = (at: 0 | 1) => found.some((each) => each[at] > 12);
  if (isDay(1)) return true;
  return !isDay(0) && different(0) < different(1);
}

function monthIn(pieces: readonly Piece[], year: number): string | null {
  for (const piece of pieces)
    for (const raw of rawPieces(textOf(piece))) {
      const month = /^\p{Lu}/u.test(raw.text) ? monthNamed(raw.text) : 0;
      if (month > 0) return `${year}-${String(month).padStart(2, '0')}-01`;
    }
  return null;
}

/** The first day of the books: behind the day of the opening balances; else the first of the month in which they begin. */
function firstDayOf(pieces: readonly Piece[], year: number): string {
  const opening = pieces.find((piece) =>
    /\b(?:balances?|position|trial balance)\b/i.test(textOf(piece)),
  );
  const at = opening && daysIn([opening], year)[0];
  if (at !== undefined) return at.endsWith('-01') ? at : addDays(at, 1);
  const [first] = daysIn(pieces, year).sort();
  const begun = first ?? monthIn(pieces, year) ?? `${year}-01-01`;
  const yearly = pieces.some((piece) =>
    /\byear (?:ended|to|ending|20\d\d)|\b(?:for|during|of) the year\b|\byear[ -]end\b/i.test(
      textOf(piece),
    ),
  );
  return yearly ? `${begun.slice(0, 4)}-01-01` : `${begun.slice(0, 8)}01`;
}

const LONGEST_NAME = 80;

/** By its sign, its letters or its name beside amounts; where several are said, the first of these. */
const CURRENCIES: readonly (readonly [string, RegExp])[] = [
  ['EUR', /€|\bEUR\b|\beuros?\b/i],
  ['GBP', /£|\bGBP\b|\bpounds\b/i],
  ['USD', /\$|\bUSD\b|\bdollars?\b/i],
  ['CHF', /\bCHF\b|\bfrancs?\b/i],
  ['JPY', /¥|\bJPY\b|\byen\b/i],
];

export function headerOf(pieces: readonly Piece[], text: string, year: number): Header {
  const names = pieces
    .filter(({ kind }) => kind !== 'row')
    .slice(0, 3)
    .map((piece) => nameIn(textOf(piece)));
  return {
    name: (names.find((name) => name !== '') ?? 'Practice company').slice(0, LONGEST_NAME),
    legalForm: FORMS.find(([, said]) => said.test(text))?.[0] ?? 'sole-trader',
    firstDay: firstDayOf(pieces, year),
    currency: CURRENCIES.find(([, said]) => said.test(text))?.[0] ?? 'EUR',
  };
}

const COST =
  /\b(?:costing|cost of (?:the )?(?:goods|sales)|(?:had|which|that) cost|at a cost of|cost (?:him|her|them|us|of)|cost [\p{Sc}\d])/iu;

const TAX_RATE =
  /\b(?:VAT|sales tax|GST)\b[^.\n%]{0,40}?\b(\d{1,2}(?:\.\d)?) ?%|(?<![\d.])(\d{1,2}(?:\.\d)?) ?% (?:VAT|sales tax|GST)\b/gi;

/** The rate of the sales tax that a text says, in hundredths of a percent; null: none, or several. */
function taxRateIn(text: string): number | null {
  const rates = new Set([...text.matchAll(TAX_RATE)].map(([, a, b]) => Number(a ?? b)));
  const [rate] = rates;
  return rate !== undefined && rates.size === 1 ? Math.round(100 * rate) : null;
}

/** What a business sells, and who owns it, as far as a text names them. */
export function readNames(known: Known, pieces: readonly Piece[]): void {
  for (const piece of pieces)
    if (piece.kind !== 'row') {
      keepGoods(known, textOf(piece));
      keepOwners(known, textOf(piece));
    }
}

/** Words by which one knows that a business has a bank account of its own, and coins besides. */
const OWN_BANK =
  /\b(?:(?:into|by|through|via|out of) (?:the |its )?bank|bank (?:account|transfer)|cheque|direct debit|banked|by transfer|at the bank|business account|transferred to|(?:went|taken|carried|put) (?:to|into) the bank)\b/;
const COINS = /\b(?:in|with|by) cash\b|\bof the cash\b/;

/** Where a business keeps its money, and how it keeps its stock, as far as a text says. */
export function readHabits(known: Known, text: string): void {
  const small = text.toLowerCase();
  const hasCash =
    /\b(?:till|petty cash|cash box|cash in hand)\b/.test(small) ||
    known.ofType('cash-in-hand').length > 0 ||
    (OWN_BANK.test(small) && COINS.test(small));
  const hasBank =
    /\b(?:bank|cheque|check|transfer(?:s|red)?|direct debit|(?:business|current|checking) account)\b/.test(
      small,
    ) || known.ofType('bank').length > 0;
  known.moneyIn =
    hasCash && hasBank
      ? 'both'
      : hasBank
        ? 'bank'
        : /\bcash\b/.test(small)
          ? 'cash-in-hand'
          : 'bank';
  if (/\bI (?:put|bought|paid|sold|took|invested|began|start|open)/.test(text))
    known.owners.add('I');
  known.isPerpetual = isPerpetual(known, text);
  known.recordsCost =
    /\bperpetual\b/i.test(text) || known.ofType('cost-of-goods-sold').some((each) => each.isGiven);
  known.taxRate = taxRateIn(text);
  known.isClub = IS_CLUB.test(text);
  known.hasPartners = /\b(?:partnership|in partnership|partners)\b/i.test(text.slice(0, BEGINNING));
  const beginning = text.slice(0, BEGINNING);
  for (const word of goodsOfTrade(beginning)) known.goods.add(word);
  known.isService = SERVES.test(beginning) || /\bIT\b/.test(beginning);
  known.recordsPurchases =
    /\bperiodic(?:al)?\b/i.test(text) || known.ofType('purchases').length > 0;
}

/** In characters: where a text says what kind of business it is about. */
const BEGINNING = 300;
const SERVES =
  /\b(?:couriers?|salon|hairdress\w*|barbers?|repairs?|clean(?:ers?|ing)|consult\w*|dent(?:ist|al)|clinic|lawyers?|solicitors?|attorney|photograph\w*|design(?:er|s|ing)?|tutor\w*|school|academy|agency|taxis?|transport|haul\w*|removals|plumb\w*|electricians?|painters?|decorat\w*|tailors?|laundry|kennels|hotel|inn|guest house|museum|theatre|ferry|survey\w*|architects?|garage|software|gym|yoga|dance|escape-room|climbing|surf|swimming|fitness|sports? (?:hall|centre|center)|rentals?|hire|vet\w*|landscap\w*|cater(?:ers?|ing)|nurs(?:e|es|ing)\b(?! \w*plant)|physio\w*|massage|spa|translat\w*|accountants?|bookkeep\w*|engineers?|courses|lessons|classes|workshops|tours|treatments|tuition|training|services?)\b/i;

const IS_CLUB =
  /\b(?:club|choir|orchestra|society|association)\b[^.\n]{0,80}\b(?:members?|subscriptions?|treasurer|its accounts)\b/i;

const COUNTED =
  /\b(?:closing stock|stock ?-?tak(?:e|ing)|counts? (?:its|their|his|her|the) (?:stock|goods|inventory))\b/i;

function isPerpetual(known: Known, text: string): boolean {
  if (/\bperpetual\b/i.test(text) || known.ofType('cost-of-goods-sold').length > 0) return true;
  if (/\bperiodic(?:al)?\b/i.test(text) || known.ofType('purchases').length > 0) return false;
  if (COUNTED.test(text)) return false;
  const sales = text.split(/[.\n]/).filter((each) => /\bs(?:old|ells?|ales?)\b/i.test(each));
  return (
    sales.some((each) => COST.test(each)) ||
    /\b(?:merchandise|inventory)\b/i.test(text) ||
    known.ofType('inventory').some(({ isGiven }) => isGiven)
  );
}

const OWNS =
  /^(?:(?:mr|mrs|ms|dr)\.? )?(\p{Lu}\p{Ll}+)(?: (\p{Lu}\p{Ll}+))? (?:set up|sets up|opens|opened|starts|started|begins|began|runs|owns|founded|transfers|transferred|invests|invested|puts|contributes|contributed|draws|drew|withdraws|withdrew|deposits|deposited)\b/iu;
/** Behind a day: `5/15 Cobalt invested`. */
const PUTS_IN =
  /^(\p{Lu}\p{Ll}+)(?: (\p{Lu}\p{Ll}+))? (?:invests|invested|contributes|contributed|withdrew|drew|founded|(?:deposits|deposited|puts|put) (?:another |a further )?\p{Sc}?\d[\d,.]*(?: \w+)? (?:in|into|to|at)\b)/u;
const BEFORE_IT =
  /^(?:[\d/.:,() -]|(?:Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)\.? ){1,12}/;
/** `Vale Couriers was set up by Tomas Vale`, `the owner, Piet Solberg`, `it belongs to Maud Sandhill`. */
const BELONGS =
  /\b(?:(?:set up|founded|opened|started|owned|run|formed|begun) (?:on [^,.]{3,24} |in [^,.]{3,16} )?by|belongs to|(?:the|its|whose) (?:owner|proprietor|founder),?(?: is)?|\((?:owner|proprietor|owned by|founder):?) (?:(?:mr|mrs|ms|dr)\.? )?(\p{Lu}\p{Ll}+)(?: (\p{Lu}\p{Ll}+))?/u;
const PAYS_OWN = /^(\p{Lu}\p{Ll}+)(?: \p{Lu}\p{Ll}+)? pa(?:id|ys) .*\bown money\b/u;

/** Who sets the business up, puts money in or takes some out, by name. */
function keepOwners({ owners }: Known, text: string): void {
  const found =
    BELONGS.exec(text) ??
    OWNS.exec(text) ??
    PUTS_IN.exec(text.replace(BEFORE_IT, '')) ??
    PAYS_OWN.exec(text);
  for (const name of found?.slice(1) ?? [])
    if (
      name &&
      /^\p{Lu}/u.test(name) &&
      lemmaOf(name) === name.toLowerCase() &&
      !NO_NAMES.has(name.toLowerCase())
    )
      owners.add(name);
}

const NO_GOODS: ReadonlySet<string> = new Set(
  'and service share voucher goods old all half part account subscription pass repair lesson membership ticket admission annual monthly season day-ticket course class session hour seat room night treatment for'.split(
    ' ',
  ),
);

/** `sells books, posters and toys`: each of them. */
function allSold(tokens: readonly Token[], from: number): string {
  const found: string[] = [];
  for (let at = from; at < tokens.length;) {
    const thing = thingFrom(tokens, at);
    if (thing.length === 0 || thing.length > 3) break;
    found.push(phrase(thing));
    at = tokens.indexOf(thing.at(-1) as Token) + 1;
    if (tokens[at]?.word === ',') at++;
    else break;
  }
  return found.join(' ');
}

/** `sells a van`, `sold the laptop`: one thing, and no goods. */
const isOne = (text: string, thing: string): boolean =>
  /[^s]$/.test(thing) &&
  ['a', 'an', 'the', 'its'].some((article) => text.includes(` ${article} ${thing}`));

/** The words of what is sold, from `sells bowls and plates`. */
function keepGoods({ goods }: Known, text: string): void {
  const { tokens } = told(text, { year: 2000, day: '2000-01-01' });
  for (const [at, { word, kind }] of tokens.entries()) {
    if (kind !== 'word' || word !== 'sell') continue;
    if (
      tokens
        .slice(Math.max(0, at - 4), at + 4)
        .some(({ said }) => /^(?:old|used|second-hand)$/.test(said))
    )
      continue;
    const isAbout = tokens.every((each) => each.kind !== 'amount');
    const thing = isAbout ? allSold(tokens, at + 1) : phrase(thingFrom(tokens, at + 1));
    if (bestOf(thing, LASTING_TYPES) && isOne(text, thing)) continue;
    for (const word of thing.split(/[^\p{L}]+/u).map(lemmaOf)) {
      const one = word.replace(/s$/, '');
      if (one.length > 2 && !NO_GOODS.has(one) && !NO_GOODS.has(word)) goods.add(one);
    }
  }
}
