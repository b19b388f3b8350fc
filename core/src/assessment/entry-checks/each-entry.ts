import type { Entry } from '../../model/book/book.js';
import { dayText, type DayOrder } from '../../model/day/calendar.js';
import { acceptedEntryFor } from '../key/answer-key.js';
import type { EntryPair } from '../key/pair-entries.js';
import { comparedOf } from '../../model/shapes/account.js';
import { ENTRY_FIELDS, LINE_FIELDS } from '../../model/shapes/entry.js';
import type { Facts } from '../../model/refusal/refusal.js';
import type { Check } from '../check/check.js';
import { aboutEntry, refsTo, type Finding, type Subject } from '../check/finding.js';
import { linesSaid, whyIn } from './entry-told.js';
import type { Marking } from '../check/marking.js';
import { orderIn } from '../../model/place/writing.js';

/** How an entry is told in a sentence. */
export interface EntryFacts extends Facts {
  readonly text: string;
  readonly date: string;
  /** In which order the company writes days; absent: the day first. */
  readonly days?: DayOrder;
  /** What it moves. */
  readonly amount: string;
}

export function entryFacts(marking: Marking, entry: Entry): EntryFacts {
  const total = entry.lines.reduce((sum, line) => sum + Math.max(line.amount, 0), 0);
  return {
    ...{ text: entry.text || entry.reference, date: entry.date, amount: marking.money(total) },
    ...orderIn(marking.key.book.company),
  };
}

/** How the key’s entry is put right: as it stands there, and why. */
export interface RightFacts extends EntryFacts {
  readonly right?: string;
  readonly why?: string;
}

export const rightFacts = (marking: Marking, entry: Entry): Pick<RightFacts, 'right' | 'why'> => ({
  right: linesSaid(marking, marking.key.book, entry),
  why: whyIn(marking.key.book, entry),
});

export const rightSaid = ({ right = '' }: RightFacts): string =>
  right === '' ? '' : `Right is: ${right}.`;

export const entryLabel = ({ text, amount, date, days }: EntryFacts): string =>
  `${text ? `“${text}”` : 'the entry'}, ${amount}, on ${dayText(date, days)}`;

export const isRequired = (marking: Marking, id: string): boolean =>
  acceptedEntryFor(marking.key, id)?.required ?? true;

type Verdict<F extends EntryFacts> = Pick<Finding, 'outcome' | 'from'> & {
  readonly facts?: () => Omit<F, keyof EntryFacts>;
};

/**
 * Runs an entry check over the key's entries (openings aside); faults of the checks that it follows take it along. A missing entry takes everything about it
 * along. A list of balances holds no entries: there nothing can be judged.
 */
export function eachEntry<F extends EntryFacts>(
  marking: Marking,
  { follows = [] }: Pick<Check, 'follows'>,
  judge: (entry: Entry, pair: EntryPair | null) => Verdict<F>,
): Finding<F | EntryFacts>[] {
  const found = marking.entriesNotJudged.map((entry): Finding<F | EntryFacts> => {
    const facts = () => entryFacts(marking, entry);
    return { subject: aboutEntry(entry.id), outcome: 'cannot-judge', facts };
  });
  for (const { entry, pair, subject, plainly } of lookedAt(marking)) {
    if (plainly) {
      found.push(plainly);
      continue;
    }
    const verdict = judge(entry, pair);
    const facts = () => ({ ...entryFacts(marking, entry), ...verdict.facts?.() });
    const { outcome } = verdict;
    const from =
      outcome === 'met' ? NOTHING : (verdict.from ?? marking.rootsOf(...refsTo(follows, entry.id)));
    found.push({ subject, outcome: from.length > 0 ? 'follows' : outcome, facts, from });
  }
  return found;
}

/** An entry of the key that is asked for or there, with what stands for it. */
interface LookedAt {
  readonly entry: Entry;
  readonly pair: EntryPair | null;
  readonly subject: Subject;
  /** That it is met, where one entry says the same on the same day: then every check of it is. */
  readonly plainly: Finding<EntryFacts> | null;
}

const OF_ENTRY = comparedOf(ENTRY_FIELDS).filter((field) => field !== 'lines');
/** What is compared of a line besides what was weighed when the entries were paired. */
const OF_LINE = comparedOf(LINE_FIELDS).filter(
  (field): field is never => !['account', 'amount'].includes(field),
);

const saidOfLines = ({ lines }: Entry): string =>
  JSON.stringify(
    lines
      .map((line) => JSON.stringify([line.amount, ...OF_LINE.map((field) => line[field])]))
      .sort(),
  );

/** Whether two entries are the same in all that any check may look at, where their accounts and amounts agree. */
const isSame = (one: Entry, other: Entry): boolean =>
  OF_ENTRY.every((field) => one[field] === other[field]) &&
  (OF_LINE.length === 0 || saidOfLines(one) === saidOfLines(other));

function isPlain(marking: Marking, entry: Entry, pair: EntryPair | null): boolean {
  if (pair === null || !pair.agrees || pair.isEquivalent === true) return false;
  const [work, ...more] = pair.works;
  return (
    work !== undefined &&
    more.length === 0 &&
    pair.keys.length === 1 &&
    isSame(work.entry, entry) &&
    marking.key.acceptsEntries.length === 0
  );
}

const lists = new WeakMap<Marking, readonly LookedAt[]>();

/** The entries that checks look at: told once for all the checks of a work. */
function lookedAt(marking: Marking): readonly LookedAt[] {
  const known = lists.get(marking);
  if (known) return known;
  const list: LookedAt[] = [];
  for (const entry of marking.judgedEntries) {
    const found = marking.entryPairOf(entry.id);
    const isThere = found !== null && (found.works.length > 0 || found.isEquivalent === true);
    const pair = isThere ? found : null;
    if (!pair && !isRequired(marking, entry.id)) continue;
    const subject = aboutEntry(entry.id);
    const plainly: Finding<EntryFacts> | null = isPlain(marking, entry, pair)
      ? { subject, outcome: 'met', facts: () => entryFacts(marking, entry) }
      : null;
    list.push({ entry, pair, subject, plainly });
  }
  lists.set(marking, list);
  return list;
}

const NOTHING: readonly string[] = [];

export const NO_ENTRIES = 'The work is a list of balances; it holds no entries.';
