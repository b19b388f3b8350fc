import { addDays } from '../../model/day/calendar.js';
import { originsSince } from '../../model/book/since-start.js';
import type { Aim } from '../../model/exercise-shapes/key-rules.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { accountOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { causesOf, type Cause, type Compared } from '../cause/index.js';
import {
  acceptedFor,
  aimOf,
  type Accepted,
  type AnswerKey,
  type StatementDate,
} from '../key/answer-key.js';
import { traitsOf, type Traits } from '../key/account-traits.js';
import { openingSaid, opensBeside, opensIn } from '../key/opening-entries.js';
import { pairIndexesOf, viewsOf, viewsOfKey } from '../key/entry-view.js';
import { agreeingOtherwise } from '../key/equivalent-entries.js';
import { pairEntries, type EntryPair } from '../key/pair-entries.js';
import { PostingProfiles } from '../key/posting-profile.js';
import { recognise, type HandPair, type Pair } from '../key/recognise.js';
import type { Recognised } from '../key/side.js';
import { type Amount } from '../../model/money/amount.js';
import { allWhole, formatAmount } from '../../model/money/format-amount.js';
import { upTo, type PeriodFilter } from '../../accounting/ledger/balances.js';
import { partsOfRef, type CheckResult, type Finding, type Rule, type Subject } from './finding.js';
import { givenIn, NOTHING_GIVEN, type Given } from './given.js';
import { Judged } from './judged.js';
import { EVERYTHING, saidBy, type Saying, type WhatIsSaid } from './what-is-said.js';
import { writingOf } from '../../model/place/writing.js';

export interface MarkingOptions {
  readonly byHand?: readonly HandPair[];
  /** Entries of the key that a list of balances can't show. */
  readonly entriesNotJudged?: readonly Entry[];
  /** The starting point that the student was given. */
  readonly start?: Book;
  /** What a work from elsewhere says; absent: what a book says. */
  readonly said?: WhatIsSaid;
  /** What was answered beside the book, by question; absent: nothing can be told of it. */
  readonly answers?: ReadonlyMap<string, string>;
}

const NO_ACCOUNTS: readonly Account[] = [];
const PLACES: ReadonlySet<Saying> = new Set(['class', 'section', 'type']);

/** The days after which a figure that is compared begins or ends. */
const comparedDays = (dates: readonly StatementDate[]): string[] =>
  dates
    .flatMap((date) =>
      date.statement === 'balance-sheet' ? [date.at] : [addDays(date.from, -1), date.to],
    )
    .sort();

/** Whether an account is money, or what customers owe or suppliers are owed. */
function isDealt(book: Book, at: number): boolean {
  const role = typeOf(book.scheme, book.accounts[at]?.type ?? null)?.role;
  return role === 'cash' || role === 'receivables-control' || role === 'payables-control';
}

interface ReadyKey extends Recognised {
  readonly byId: ReadonlyMap<string, Traits>;
}

const readyKeys = new WeakMap<AnswerKey, ReadyKey>();

const byAccount = (traits: readonly Traits[]): ReadonlyMap<string, Traits> =>
  new Map(traits.map((each) => [each.account.id, each]));

/** What is the same of a key for each work that is laid beside it. */
function readyKey(key: AnswerKey): ReadyKey {
  const before = readyKeys.get(key);
  if (before) return before;
  const { book } = key;
  const opens = opensIn(book);
  const traits = traitsOf(book, opens);
  const posted = new PostingProfiles(book, opens);
  const ready = { book, traits, opens, posted, byId: byAccount(traits) };
  readyKeys.set(key, ready);
  return ready;
}

/** One work laid beside the key: who is who, and what has been found so far. */
export class Marking {
  readonly compared: Compared;
  /** What the exercise is about. */
  readonly aim: Aim;
  readonly results: Judged[] = [];
  readonly entriesNotJudged: readonly Entry[];
  /** By question; null: no answers came with the work. */
  readonly answers: ReadonlyMap<string, string> | null;
  readonly keyTraits: ReadonlyMap<string, Traits>;
  readonly workTraits: ReadonlyMap<string, Traits>;
  /** What a work from elsewhere says; null: everything, as what grew from a start could. */
  private readonly said: WhatIsSaid | null;
  /** By check and what it is about, all but what is met. */
  private readonly found = new Map<string, Map<string, CheckResult>>();
  private readonly met = new Map<string, ReadonlyMap<string, CheckResult>>();
  private readonly entryPairOfKey = new Map<string, EntryPair>();
  /** Entries that only the work has, alone or undoing each other. */
  private readonly ownPairs = new Map<string, EntryPair>();
  private latest: { check: Rule | null; points: number } = { check: null, points: 0 };
  private readonly given: Given;
  private readonly start: Book | null;
  private origins: ReturnType<typeof originsSince> | null = null;
  private readonly hasOwnPoints: boolean;
  private judged: readonly Entry[] | null = null;
  private readonly causes = new Map<StatementDate, readonly Cause[]>();

  constructor(
    readonly key: AnswerKey,
    readonly work: Book,
    options: MarkingOptions = {},
  ) {
    const ofKey = readyKey(key);
    const beside = opensBeside(openingSaid(key.book), work);
    const ofWork = { book: work, traits: traitsOf(work, beside), opens: beside };
    const recognition = recognise(key, { ofKey, ofWork }, options.byHand);
    const pairIndexes = pairIndexesOf(key.book, work, recognition);
    const comparing = comparedDays(key.statementDates);
    const entryPairs = agreeingOtherwise(
      pairEntries(
        viewsOfKey(key.book, recognition, pairIndexes),
        viewsOf(work, ofWork.opens, pairIndexes.ofWork),
        comparing,
      ),
      comparing,
      (pairIndex) =>
        isDealt(pairIndex < 0 ? work : key.book, pairIndex < 0 ? -1 - pairIndex : pairIndex),
    );
    const opens = { key: ofKey.opens, work: ofWork.opens };
    this.compared = { key: key.book, work, recognition, entryPairs, opens };
    this.entriesNotJudged = options.entriesNotJudged ?? [];
    this.answers = options.answers ?? null;
    this.start = options.start ?? null;
    this.given = options.start ? givenIn(options.start, key.book) : NOTHING_GIVEN;
    this.aim = aimOf(key);
    this.hasOwnPoints = Object.keys(key.points).some((name) => name.includes(':'));
    this.keyTraits = ofKey.byId;
    this.workTraits = byAccount(ofWork.traits);
    this.said = options.said ?? (options.start ? EVERYTHING : saidBy(ofWork.traits));
    for (const pair of entryPairs) {
      for (const view of pair.keys) this.entryPairOfKey.set(view.entry.id, pair);
      if (pair.keys.length === 0)
        for (const view of pair.works) this.ownPairs.set(view.entry.id, pair);
    }
  }

  /** Whether the work, and each of some accounts, says what a check needs. */
  says(what: Saying, works: readonly Account[] = NO_ACCOUNTS): boolean {
    if (this.said === null) return true;
    const { says, places } = this.said;
    if (places.size === 0 || !PLACES.has(what)) return says.has(what);
    return works.every(({ id }) => places.get(id)?.has(what) ?? false);
  }

  pairOf(keyAccount: string): Pair | null {
    return this.compared.recognition.byKey.get(keyAccount) ?? null;
  }

  /** The key’s accounts that an account of the work stands for. */
  keysOfWork(work: string): readonly string[] {
    return this.compared.recognition.byWork.get(work)?.keys.map(({ id }) => id) ?? [];
  }

  entryPairOf(keyEntry: string): EntryPair | null {
    return this.entryPairOfKey.get(keyEntry) ?? null;
  }

  entryPairOfWork(workEntry: string): EntryPair | null {
    return this.ownPairs.get(workEntry) ?? null;
  }

  acceptedFor(account: string): Accepted {
    return acceptedFor(this.key, account);
  }

  /** The entries of the key that are looked for: openings are judged by what they say of the accounts. */
  get judgedEntries(): readonly Entry[] {
    const { book } = this.key;
    return (this.judged ??= book.entries.filter((entry) => !this.compared.opens.key(entry)));
  }

  /** The points a check has for a subject; 0 leaves it out. */
  private pointsFor(check: Rule, { id }: Subject): number {
    const own = this.hasOwnPoints ? this.key.points[`${check.id}:${id}`] : undefined;
    return own ?? this.usualPoints(check);
  }

  /** Whether the starting point gave it finished: as it was given it earns nothing. */
  private isGiven({ kind, id }: Subject): boolean {
    if (kind === 'account') return this.given.accounts.has(id);
    return kind === 'entry' && this.given.entries.has(id);
  }

  /** Whether what was given does not stand as it was given any more: then it is the student’s doing. */
  private isSpoilt({ kind, id }: Subject): boolean {
    if (kind !== 'account' || !this.start) return true;
    this.origins ??= originsSince(this.start, this.work);
    const works = this.pairOf(id)?.works ?? [];
    return works.length === 0 || works.some((each) => this.origins?.get(each.id) !== 'given');
  }

  private usualPoints(check: Rule): number {
    if (check !== this.latest.check)
      this.latest = { check, points: this.key.points[check.id] ?? check.points[this.aim] };
    return this.latest.points;
  }

  resultOf(check: string, id: string): CheckResult | null {
    return this.found.get(check)?.get(id) ?? this.metOf(check).get(id) ?? null;
  }

  /** What a check found met, by what it is about: seldom asked, so told only then. */
  private metOf(check: string): ReadonlyMap<string, CheckResult> {
    const known = this.met.get(check);
    if (known) return known;
    const met = new Map<string, CheckResult>();
    for (const result of this.results)
      if (result.check === check && result.outcome === 'met' && result.date === undefined)
        met.set(result.subject.id, result);
    this.met.set(check, met);
    return met;
  }

  result(ref: string): CheckResult | null {
    return this.resultOf(...partsOfRef(ref));
  }

  /** The result with a reference, unless it is met. */
  private faultAt(ref: string): CheckResult | undefined {
    const [check, id] = partsOfRef(ref);
    return this.found.get(check)?.get(id);
  }

  /** The results not met that one stands for: itself, or those it follows from. */
  rootsOf(...refs: readonly string[]): string[] {
    const roots = new Set<string>();
    for (const ref of refs) {
      const result = this.faultAt(ref);
      if (result?.outcome === 'not-met') roots.add(ref);
      else if (result?.outcome === 'follows') for (const root of result.from) roots.add(root);
    }
    return [...roots];
  }

  add(check: Rule, finding: Finding): void {
    const worth = this.pointsFor(check, finding.subject);
    const isGiven = this.isGiven(finding.subject);
    const isFault = finding.outcome === 'not-met' || finding.outcome === 'follows';
    if (worth === 0 || (isGiven && !(isFault && this.isSpoilt(finding.subject)))) return;
    // What was given and then spoilt costs its check; what hangs on it was not there to be earned.
    const bears = finding.bearsPoints !== false && !(isGiven && finding.outcome === 'follows');
    const of = bears ? worth : 0;
    const lost = finding.outcome === 'not-met' || finding.outcome === 'cannot-judge';
    const had = lost ? Math.floor(of * (finding.share ?? 0)) : of;
    const result = new Judged(check.id, finding, { points: had, of });
    this.results.push(result);
    if (finding.date !== undefined || finding.outcome === 'met') return;
    const ofCheck = this.found.get(check.id) ?? new Map<string, CheckResult>();
    this.found.set(check.id, ofCheck);
    ofCheck.set(finding.subject.id, result);
  }

  causesAt(date: StatementDate): readonly Cause[] {
    let found = this.causes.get(date);
    if (!found) {
      found = causesOf(this.compared, postingOf(date));
      this.causes.set(date, found);
    }
    return found;
  }

  /** An amount as a sentence shows it. */
  money(amount: Amount): string {
    const writing = writingOf(this.key.book.company);
    const places = allWhole([amount], writing.digits) ? 0 : writing.digits;
    return amount === 0 ? '0' : formatAmount(amount, writing, places);
  }

  keyAccount(id: string): Account | null {
    return accountOf(this.key.book, id);
  }
}

/** Which postings a statement of the key counts. */
export const postingOf = (date: StatementDate): PeriodFilter =>
  date.statement === 'balance-sheet'
    ? upTo(date.at)
    : { from: date.from, to: date.to, closing: false, opening: true };
