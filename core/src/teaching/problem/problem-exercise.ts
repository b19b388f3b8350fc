import type { Book, Entry } from '../../model/book/book.js';
import { dayText } from '../../model/day/calendar.js';
import { keyOfRules } from '../../assessment/key/index.js';
import { done, type Result } from '../../model/refusal/refusal.js';
import { USUAL_RULES, type Exercise } from '../exercise/exercise.js';
import { proposedGuide } from '../exercise/proposed-guide.js';
import { givenToStudents, startingPoint, usualKeyRules, type StartKind } from '../start/index.js';
import type { Step } from '../../model/exercise-shapes/guide.js';
import { proposedBook } from './proposed-book.js';
import type { Proposal } from './propose.js';
import { told } from './told.js';
import { hundredths } from './token.js';
import { monthNamed } from './words.js';

/** What of a problem becomes an exercise. */
export interface ProblemTaking {
  readonly title: string;
  /** Which sentences’ entries are taken, by their places; the others stay as sentences. */
  readonly taken: ReadonlySet<number>;
  readonly start: Extract<StartKind, 'accounts' | 'company-only'>;
  /** Draws where students find what has no place yet. */
  readonly seed: number;
}

/** As many sentences as one step tells. */
const MOST_SENTENCES = 6;

interface ToldEntry {
  readonly text: string;
  readonly entries: readonly Entry[];
}

const plain = (text: string): string => text.replace(/[\\`*_[\]<>|#~]/g, '\\$&');

/** A sentence whose amounts are those of its entries in the key: whoever has own figures reads own amounts. */
function withFigures({ text, entries }: ToldEntry): string {
  const [first] = entries;
  if (!first) return plain(text);
  const year = Number(first.date.slice(0, 4));
  const amounts = new Set(told(text, { year, day: first.date }).amounts.map(({ said }) => said));
  const figureOf = (written: string): string => {
    const value = hundredths(written);
    const isSaid = [...amounts].some((said) => said === written || said.endsWith(written));
    if (value === null || !isSaid) return written;
    for (const { id, lines } of entries)
      for (const { account, amount } of lines)
        if (
          Math.abs(amount) === value &&
          lines.filter((each) => each.account === account).length === 1
        )
          return `{= amount("${id}", "${account}") }`;
    return written;
  };
  return plain(text).replace(/\d(?:[\d.,’']*\d)?/g, figureOf);
}

/** A day at the beginning of a sentence, cut short: `Aug 3:`, `3 Sept.`, `July 4 -`. */
const WRITTEN_DAY = /^(?:([A-Z][a-z]{2,8})\.? \d{1,2}|\d{1,2} ([A-Z][a-z]{2,8})\.?)(?: ?[-:,–])? /;

const withoutDay = (text: string): string =>
  text.replace(WRITTEN_DAY, (said, one?: string, other?: string) =>
    monthNamed(one ?? other ?? '') > 0 ? '' : said,
  );

/** A sentence as a line of a list, with its day where it doesn’t say one itself. */
function lineOf(each: ToldEntry): string {
  const [first] = each.entries;
  const day = first ? dayText(first.date) : '';
  const [number = '', month = ''] = day.split(' ');
  const isDated =
    [`${number} ${month}`, `${month} ${number}`].some((said) => each.text.includes(said)) &&
    day !== '';
  const text = isDated ? each.text : withoutDay(each.text);
  return `- ${first && !isDated ? `${day}: ` : ''}${withFigures({ ...each, text })}`;
}

const isAdjusting = ({ entries }: ToldEntry): boolean =>
  entries.length > 0 && entries.every(({ kind }) => kind === 'adjusting');

function stepsOf(sentences: readonly ToldEntry[]): Step[] {
  const chunks: ToldEntry[][] = [];
  for (const each of sentences) {
    const last = chunks.at(-1);
    const [before] = last ?? [];
    const goesOn = before && isAdjusting(before) === isAdjusting(each);
    if (last && goesOn && last.length < MOST_SENTENCES) last.push(each);
    else chunks.push([each]);
  }
  return chunks.map((chunk, at): Step => {
    const entries = chunk.flatMap((each) => each.entries.map(({ id }) => id));
    const isEnd = chunk.some(isAdjusting);
    return {
      id: `told-${at + 1}`,
      title: isEnd ? 'At the end of the period' : `What happened${at === 0 ? '' : ' then'}`,
      words: chunk.map(lineOf).join('\n'),
      ...(entries.length > 0 ? { entries } : {}),
    };
  });
}

/** The sentences with what each does in the key, in the order of the text; what was left stays with the one before it. */
function toldIn({ sentences }: Proposal, taken: ReadonlySet<number>, key: Book): ToldEntry[] {
  let next = key.entries.length - count(sentences, taken);
  return sentences.map(({ text, entries }, at) => {
    if (!taken.has(at)) return { text, entries: [] };
    const own = key.entries.slice(next, next + entries.length);
    next += entries.length;
    return { text, entries: own };
  });
}

const count = (sentences: Proposal['sentences'], taken: ReadonlySet<number>): number =>
  sentences.reduce((sum, { entries }, at) => sum + (taken.has(at) ? entries.length : 0), 0);

/** What the text tells of the company, before anything happens. */
const briefOf = ({ about }: Proposal): string =>
  about
    .filter((line) => /[.!?]$/.test(line))
    .map(plain)
    .join(' ');

/** The exercise that a problem makes: its book is the key, its text the brief, its sentences what the steps tell. */
export function problemExercise(
  proposal: Proposal,
  { title, taken, start: kind, seed }: ProblemTaking,
): Result<Exercise> {
  const book = proposedBook(proposal, { sentences: taken });
  const made = keyOfRules(book, usualKeyRules(kind));
  if (!made.ok) return made;
  const key = made.value;
  const start = givenToStudents(startingPoint(book, kind, { faults: {}, seed: 1 }), kind, seed);
  const { steps = [], sheets = [] } = proposedGuide(key, start);
  const before = steps.filter(({ id }) => id === 'accounts' || id === 'openings');
  const kept = new Set(before.flatMap((step) => step.sheets ?? []));
  const guide = {
    steps: [...before, ...stepsOf(toldIn(proposal, taken, book))].slice(0, 60),
    sheets: sheets.filter(({ id }) => kept.has(id)),
  };
  return done({ title, brief: briefOf(proposal), key, start, rules: USUAL_RULES, guide });
}
