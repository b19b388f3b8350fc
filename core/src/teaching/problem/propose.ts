import { type Amount } from '../../model/money/amount.js';
import type { Book, Company } from '../../model/book/book.js';
import { clausesOf } from './clauses.js';
import { dayAt } from './days.js';
import { EVENTS } from './events/index.js';
import { hasSignsIn, headerOf, isMonthFirstIn, readHabits, readNames, yearIn } from './header.js';
import { dayOf, ofMonth, withoutItsDay } from './its-day.js';
import { type Known, type KnownAccount, type KnownLine } from './known.js';
import { meansIn } from './payment.js';
import { piecesOf, type Piece, type Sentence } from './pieces.js';
import { rawPieces } from './raw-tokens.js';
import type { Happening, Scene, Understood } from './scene.js';
import type { Token } from './token.js';
import { told, Told } from './told.js';
import { monthNamed } from './words.js';
import { capitalLeft, knownOf, lacksLasting, openingLine } from './opening-rows.js';

/** An entry that is proposed for a sentence. */
export interface ProposedEntry {
  readonly date: string;
  readonly text: string;
  readonly lines: readonly KnownLine[];
}

/** A sentence of a problem with what it does to the books; not understood: why. */
export interface ProposedSentence {
  readonly text: string;
  readonly entries: readonly ProposedEntry[];
  /** Why there is no entry; null: it is understood. */
  readonly why: string | null;
}

/** What a problem’s text proposes: nothing of it is taken before somebody says so. */
export interface Proposal {
  readonly company: Company;
  readonly accounts: readonly KnownAccount[];
  /** Debit positive, minor units; at the end of the day before the first. */
  readonly opening: readonly KnownLine[];
  readonly sentences: readonly ProposedSentence[];
  /** Sentences and headings in which nothing happens. */
  readonly about: readonly string[];
}

export interface ProposeOptions {
  /** The company that it happens in: its accounts are used. */
  readonly book?: Book | undefined;
  /** The year that is meant where the text says none. */
  readonly year: number;
}

const TASKS =
  /^(?:required|prepare|record|journali[sz]e|post|show|draw up|enter|write up|give the|make the|what |which |explain|note:)(?!ed\b)/i;
const SCENERY =
  /\b(?:begins? (?:the|its|her|his|trading|business)|following|opens? (?:the|its|her|his) (?:books|shop|business)|runs? an?|is an?|makes? and sells?|the books of|happened|took place|keeps? (?:its|her|his) books)\b/i;

const ADJUSTS = /\badjust(?:ing|ments?)\b/i;
/** Where what happened is asked for beside, each thing stays on its day. */
const ASKS_MORE =
  /\btransactions?\b|\bunadjusted\b|\bevents?\b|\bjournali[sz]e\b|\b(?:prepare|record|post|enter) (?:the )?(?:journal|entries)\b/i;

/** `Week 2.`: when what follows happens, and no day. */
const WEEK = /^(?:week|day|part|quarter|phase)\s+\w+[.:]?$/i;

/** Reads a problem from its beginning to its end. */
class Reading {
  readonly sentences: ProposedSentence[] = [];
  readonly about: string[] = [];
  private readonly opening: KnownLine[] = [];
  day: string;
  /** The end of the period, where adjusting entries are asked for. */
  private closing: string | null = null;
  private yearEnd: string | null = null;
  /** Whether something has happened yet; in a company that there is nothing has to be introduced. */
  private hasBegun;

  readonly year: number;
  readonly isMonthFirst: boolean;
  readonly hasSigns: boolean;
  private readonly firstDay: string;
  private readonly name: readonly string[];

  constructor(
    private readonly known: Known,
    { firstDay, name, text }: { firstDay: string; name: string; text: string },
  ) {
    this.firstDay = firstDay;
    this.name = name.split(' ');
    this.day = firstDay;
    this.year = Number(firstDay.slice(0, 4));
    this.isMonthFirst = isMonthFirstIn(text);
    this.hasSigns = hasSignsIn(text);
    this.hasBegun = known.accounts.length > 0;
  }

  take(piece: Piece): void {
    if (piece.kind === 'row') return;
    if (piece.kind === 'heading') this.heading(piece.text);
    else this.sentence(piece.sentence);
  }

  /** A heading says of which day, or month, what follows is. */
  private heading(text: string): void {
    this.about.push(text);
    this.dated(text);
    this.adjusted(text);
  }

  /** Where adjusting entries are asked for, all that follows is told of the end of the period. */
  private adjusted(text: string): void {
    const said = told(text, this).of('day').at(-1)?.day ?? null;
    if (/\b(?:year|period)[ -]?end/i.test(text) && said) this.yearEnd = said;
    if (ADJUSTS.test(text) && !ASKS_MORE.test(text))
      this.closing = said ?? this.yearEnd ?? this.closing;
  }

  private dated(text: string): void {
    const raws = rawPieces(text);
    for (const at of raws.keys()) {
      const found = dayAt(raws, at, this);
      const month = /^\p{Lu}/u.test(raws[at]?.text ?? '') ? monthNamed(raws[at]?.text ?? '') : 0;
      const first = `${this.year}-${String(month).padStart(2, '0')}-01`;
      const day =
        found?.day ?? (month > 0 && !this.day.startsWith(first.slice(0, 7)) ? first : null);
      if (day !== null && day >= this.firstDay) {
        this.day = day;
        return;
      }
    }
  }

  private sentence({ text, read, number, isCounted }: Sentence): void {
    const said = this.withOwners(told(read, this));
    if (WEEK.test(text)) {
      this.about.push(text);
      return;
    }
    const isOnlyDay = said.tokens.every(({ kind }) => kind === 'day' || kind === 'comma');
    if (isOnlyDay) {
      this.day = dayOf(said, this.day, this.year);
      return;
    }
    const moves = ['amount', 'share', 'percent'] as const;
    const isQuiet = moves.every((kind) => said.of(kind).length === 0);
    const isScenery = TASKS.test(text) || SCENERY.test(text) || !(this.hasBegun || isCounted);
    if (isQuiet && isScenery) {
      this.about.push(text);
      this.adjusted(text);
      if (this.hasBegun) this.dated(text);
      return;
    }
    this.hasBegun = true;
    if (number !== null) this.day = ofMonth(this.day, number);
    const isDated = said.tokens[0]?.kind === 'day';
    const isNow = this.closing !== null && !isDated;
    const day = isNow ? (this.closing ?? this.day) : dayOf(said, this.day, this.year);
    this.day = day;
    this.sentences.push({ text, ...this.understood(read, said, day) });
  }

  /** Whoever is known to own the business is its owner, by whatever name. */
  private withOwners({ tokens }: Told): Told {
    const isOwner = ({ said, isNamed }: Token) =>
      isNamed && this.known.owners.has(said.replace(/[’']s$/, ''));
    const named = tokens.map((each) => (isOwner(each) ? { ...each, word: 'owner' } : each));
    return new Told(withBusiness(named, this.name));
  }

  private understood(text: string, said: Told, day: string): Omit<ProposedSentence, 'text'> {
    if (said.has('if|unless|would|might|maybe|perhaps|must|shall'))
      return { entries: [], why: 'it says what may be, not what is' };
    if (/\.\.\.|…/.test(text)) return { entries: [], why: 'it breaks off' };
    const entries: ProposedEntry[] = [];
    const back = this.known.moment();
    let unknown: string | null = null;
    const { known, closing, firstDay } = this;
    const plain = closing === null ? withoutItsDay(said) : said;
    for (const clause of partsOf(plain, closing !== null)) {
      const scene = { said: clause, known, day, firstDay, closing, text };
      const found = happensIn(scene);
      if ('why' in found) {
        const isBegun = entries.length > 0;
        const tellsAside = isBegun
          ? isQuietAfter(clause, entries)
          : (text.includes(';') ||
              found.why.startsWith('no amount moves') ||
              isDoneFirst(clause)) &&
            (['', 'give'].includes(clause.verb) || found.why.startsWith('no amount moves')) &&
            isIgnorable(clause) &&
            clause.of('day').length === 0;
        if (tellsAside && (isBegun || said.amounts.length > 0)) {
          unknown ??= found.why;
          continue;
        }
        back();
        if (said.amounts.length > 0 && !found.why.startsWith('no amount')) this.missed(text);
        return { entries: [], why: found.why };
      }
      for (const { lines, text: words, date } of found.entries) {
        this.known.move(lines);
        entries.push({ date: date ?? day, text: words, lines });
      }
    }
    if (entries.length > 0) return { entries, why: null };
    if (unknown !== null && said.amounts.length > 0) this.missed(text);
    return { entries, why: unknown ?? 'no amount moves by this' };
  }

  /** Something moves amounts that is not understood. */
  private missed(text: string): void {
    this.known.hasGaps = true;
    this.known.gaps.push(text.toLowerCase());
  }

  open(lines: readonly KnownLine[]): void {
    this.known.move(lines);
    this.opening.push(...lines);
  }

  get opened(): readonly KnownLine[] {
    return this.opening;
  }
}

/** The business by its own name: told as one word, whatever it is called. */
function withBusiness(tokens: readonly Token[], name: readonly string[]): readonly Token[] {
  const isAt = (at: number, i: number) =>
    tokens[at + i]?.kind === 'word' &&
    tokens[at + i]?.said.replace(/[’']s$/, '').toLowerCase() === name[i]?.toLowerCase();
  const at = tokens.findIndex((_, i) => name.length > 1 && isAt(i, 0) && isAt(i, 1));
  if (at < 0) return tokens;
  let length = 2;
  while (length < name.length && isAt(at, length)) length++;
  const said = tokens
    .slice(at, at + length)
    .map((each) => each.said)
    .join(' ');
  const business: Token = { kind: 'word', word: 'business', said, value: 0, isNamed: true };
  return [...tokens.slice(0, at), business, ...tokens.slice(at + length)];
}

/** What was done before adjusting entries is told as one with what is to be adjusted. */
const partsOf = (said: Told, isAdjusting: boolean): readonly Told[] => {
  if (isFinanced(said) || WHOLE.some(([one, other]) => said.has(one) && said.has(other)))
    return [fromFirstWord(said)];
  const isOne = said.has('count|record|recorded|credit|debit|charge') || isBeforeAndNow(said);
  return isAdjusting && isOne ? [said] : clausesOf(said);
};

/** What belongs together, whatever stands between: a return and its credit note, a cost and its bill, a policy and its price. */
const WHOLE: readonly (readonly [string, string])[] = [
  ['return', 'creditnote for #amount|creditnote of #amount'],
  ['cost #amount', 'invoice payable|invoice be payable|invoice be due'],
  ['take out', 'insurance|policy'],
  ['takings', 'ofit be cash'],
  ['sell', 'and take #amount cash'],
  ['return', 'invoice at #amount'],
  ['for #amount', 'will pay next|will pay later|will pay in|will pay within'],
];

const fromFirstWord = (said: Told): Told =>
  said.cut(
    Math.max(
      0,
      said.tokens.findIndex(({ kind }) => kind === 'word'),
    ),
  )[1];

/** `... is bought for 9,800; a bank lends 5,000 of it, the rest comes from the account`. */
const isFinanced = (said: Told): boolean => said.has('buy') && said.has('lend') && said.has('ofit');

/** `Paid in advance; two thirds has been earned`, `on hand is 140; the supplies account shows 520`. */
const isBeforeAndNow = (said: Told): boolean =>
  (said.has('advance') && said.has('earn') && said.of('share').length === 1) ||
  (said.has('supplies') && said.has('remain') && said.amounts.length === 2);

/** Whether a part behind others says nothing more; when it is paid is known where something is owed. */
const isQuietAfter = (clause: Told, entries: readonly ProposedEntry[]): boolean =>
  isIgnorable(clause) ||
  (isWordsOnly(clause) &&
    entries.some(({ lines }) =>
      lines.some(({ account }) => /payable|receivable|accrued/.test(account.type)),
    ));

/** `Gave lessons to hotel guests and billed the hotel`: what is done, before what is asked for it. */
const isDoneFirst = (clause: Told): boolean =>
  clause.firstWord?.word === 'give' && clause.has('to') && clause.firstWord.isNamed === true;

/** A part that says nothing of amounts, nor of how they are paid: `a machine broke down`. */
const isIgnorable = (said: Told): boolean =>
  !(
    ['credit', 'note', 'loan', 'card'].includes(meansIn(said) ?? '') &&
    said.has('pay|owe|due|bill|invoice|credit|later|onaccount|note|loan|card|sign')
  ) && isWordsOnly(said);

const isWordsOnly = (said: Told): boolean =>
  said.tokens.every(
    ({ kind }) => kind === 'word' || kind === 'comma' || kind === 'day' || kind === 'month',
  );

const UNCLEAR = 'what happens isn’t told in words that are known here';

/** The first event that knows a part of a sentence; what it can’t account for is not understood. */
function happensIn(scene: Scene): Understood {
  for (const event of EVENTS) {
    const found = event(scene);
    if (!found) continue;
    return 'why' in found ? found : checked(scene, found.entries, found.uses ?? []);
  }
  return { why: UNCLEAR };
}

/** Debit equals credit, and every amount that is said stands in a line, or is known to be part of one. */
function checked(
  { said }: Scene,
  entries: readonly Happening[],
  uses: readonly Amount[],
): Understood {
  const lines = entries.flatMap((each) => each.lines);
  const isBalanced = entries.every(
    (each) =>
      each.lines.length > 1 && each.lines.reduce((sum, { amount }) => sum + amount, 0) === 0,
  );
  if (!isBalanced) return { why: 'debit and credit would not agree' };
  const stands = (value: Amount) =>
    uses.includes(value) || lines.some(({ amount }) => Math.abs(amount) === value);
  /** An amount that is said twice stands twice. */
  const isTwice = (value: Amount) =>
    said.amounts.filter((each) => each.value === value).length > 1 &&
    lines.filter(({ amount }) => amount === value).length < 2 &&
    lines.filter(({ amount }) => amount === -value).length < 2;
  const open = said.amounts.find(({ value }) => !stands(value) || isTwice(value));
  return open ? { why: `what the ${open.said} stands for isn’t said plainly` } : { entries };
}

/** In characters: some thirty pages. */
export const LONGEST_PROBLEM = 50_000;

/**
 * What a problem’s text proposes: accounts with types, opening balances, and for each sentence its entry, or why there is
 * none. Deterministic; what is not understood is said, never guessed silently. Throws for a text
 * that is longer than `LONGEST_PROBLEM`. Amounts in minor units of two decimals.
 */
export function propose(text: string, { book, year: otherwise }: ProposeOptions): Proposal {
  if (text.length > LONGEST_PROBLEM) throw new RangeError('longer than a problem can be');
  const pieces = piecesOf(text);
  const year = yearIn(text, book ? Number(book.company.firstDay.slice(0, 4)) : otherwise);
  const header = headerOf(pieces, text, year);
  const firstDay = book?.company.firstDay ?? header.firstDay;
  const known = knownOf(book);
  const reading = new Reading(known, { firstDay, name: header.name, text });
  readNames(known, pieces);
  const rows = pieces.flatMap((piece) => (piece.kind === 'row' ? [piece.row] : []));
  known.lacksLasting = lacksLasting(rows);
  for (const row of rows) reading.open(openingLine(known, row));
  const isProse = rows.length > 0 && rows.every(({ isTold }) => isTold);
  if (isProse && header.legalForm === 'sole-trader')
    reading.open(capitalLeft(known, reading.opened));
  readHabits(known, text);
  for (const piece of pieces) reading.take(piece);
  const used = new Set([
    ...reading.opened.map(({ account }) => account),
    ...reading.sentences.flatMap(({ entries }) =>
      entries.flatMap(({ lines }) => lines.map(({ account }) => account)),
    ),
  ]);
  return {
    company: book?.company ?? companyOf(header),
    accounts: known.accounts.filter((account) => account.isGiven || used.has(account)),
    opening: reading.opened,
    sentences: reading.sentences,
    about: reading.about,
  };
}

const companyOf = ({
  name,
  legalForm,
  firstDay,
  currency,
}: ReturnType<typeof headerOf>): Company => ({
  ...{ name, trade: '', legalForm, currency, firstDay, periods: 12 },
});
