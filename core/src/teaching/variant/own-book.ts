import { openingOf, type Book, type Entry } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { isMade, withDocumentEntries } from '../../accounting/document/document-entries.js';
import { openingDifference } from '../../accounting/ledger/balances.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { namesFor, quantitiesFor, type Drawing } from '../../model/chance/draw.js';
import { drawnFor, MOST_GOES } from './own-draw.js';
import { ownSubledgers } from './own-subledgers.js';
import { placeAtOf } from './place-at.js';
import { Reckoner } from './reckoner.js';
import { standing, standsAlike, type Standing } from './standing.js';

const unbalanced = refusal(
  'figures.unbalanced',
  (f: { what: string }) =>
    `${f.what} is not in balance with these figures. Leave one line without a formula: it takes the rest.`,
);
const noRest = refusal(
  'figures.no-rest',
  (f: { what: string }) =>
    `Nothing is left for the line of ${f.what} that takes the rest. Change the formulas, or the range of their quantities.`,
);

/** The account that takes what keeps the opening balances in balance: the one named, else the one for profits kept, else capital. */
function restOf(book: Book, { rest }: OwnFigures): string | null {
  if (rest !== undefined) return rest;
  const opened = book.accounts.filter(({ id }) => openingOf(book, id) !== 0);
  const kept = opened.find(({ type }) => typeOf(book.scheme, type)?.role === 'retained-earnings');
  return (kept ?? opened.find(({ type }) => /capital/.test(type ?? '')))?.id ?? null;
}

/** The opening balances of one seed: what the others leave open goes to the account for the rest. */
function openings(book: Book, reckoner: Reckoner, rest: string | null): Book {
  const reckoned = Object.entries(book.opening.balances).map(([id, usual]): [string, Amount] => [
    id,
    Math.sign(usual) * reckoner.amount(placeAtOf.opening(id), Math.abs(usual)),
  ]);
  const moved = { ...book, opening: { ...book.opening, balances: Object.fromEntries(reckoned) } };
  const over = openingDifference(moved) - openingDifference(book);
  if (over === 0) return moved;
  const usual = rest === null ? 0 : openingOf(book, rest);
  const left = rest === null ? 0 : openingOf(moved, rest) - over;
  if (rest === null || reckoner.hasOwn(placeAtOf.opening(rest)) || left * usual <= 0) {
    const tell = rest === null ? unbalanced : noRest;
    reckoner.faults.push(tell({ what: 'the opening' }, 'opening'));
    return moved;
  }
  const balances = { ...moved.opening.balances, [rest]: left };
  return { ...moved, opening: { ...moved.opening, balances } };
}

/** One entry of a seed: the last line without a formula of its own takes what keeps it in balance. */
function entry(of: Entry, reckoner: Reckoner): Entry {
  const lines = of.lines.map((line, i) => ({
    ...line,
    amount:
      Math.sign(line.amount) * reckoner.amount(placeAtOf.line(of.id, i), Math.abs(line.amount)),
  }));
  const days = reckoner.days(placeAtOf.entryDate(of.id));
  const date = days === 0 ? of.date : addDays(of.date, days);
  const over = lines.reduce((sum, { amount }) => sum + amount, 0);
  if (over === 0) return { ...of, date, lines };
  const at = lines.findLastIndex((_, i) => !reckoner.hasOwn(placeAtOf.line(of.id, i)));
  const taker = lines[at];
  const what = of.text || of.reference || of.date;
  if (!taker || Math.sign(taker.amount - over) !== Math.sign(taker.amount)) {
    reckoner.faults.push((taker ? noRest : unbalanced)({ what: `“${what}”` }, `entry:${of.id}`));
    return { ...of, date, lines };
  }
  const rested = lines.map((line, i) =>
    i === at ? { ...line, amount: line.amount - over } : line,
  );
  return { ...of, date, lines: rested };
}

/** A book with the names that are drawn. */
function withNames(book: Book, named: (text: string) => string): Book {
  return {
    ...book,
    company: { ...book.company, name: named(book.company.name) },
    accounts: book.accounts.map((account) => ({ ...account, name: named(account.name) })),
    entries: book.entries.map((each) => ({
      ...each,
      text: named(each.text),
      reference: named(each.reference),
    })),
  };
}

/** What one seed makes of a book, and what could not be reckoned. */
export interface OwnBook {
  readonly book: Book;
  readonly faults: readonly Refusal[];
}

/** Of whose draws a book is made; absent: of its own. */
interface DrawnAs {
  /** The key’s book and figures, where a starting point is made beside it. */
  readonly beside?: { readonly book: Book; readonly figures: OwnFigures };
}

const goes = new WeakMap<Book, Map<string, number>>();
const usualStanding = new WeakMap<Book, Standing>();

function standingOf(book: Book): Standing {
  const known = usualStanding.get(book) ?? standing(book);
  usualStanding.set(book, known);
  return known;
}

/** The first draw of a seed that holds: all can be reckoned, no cash is overdrawn, nothing is left open that was not. */
function goOf(book: Book, figures: OwnFigures, drawing: Drawing): number {
  const known = goes.get(book) ?? new Map<string, number>();
  goes.set(book, known);
  const name = `${drawing.seed} ${JSON.stringify(figures)}`;
  const before = known.get(name);
  if (before !== undefined) return before;
  let go = 0;
  for (; go < MOST_GOES; go++) {
    const made = madeBook(book, figures, { drawing, go, drawnOf: book });
    if (made.faults.length === 0 && standsAlike(standingOf(book), standing(made.book))) break;
  }
  known.set(name, go);
  return go;
}

/**
 * The book that a seed makes of a book: every amount by its formula or drawn for itself, dates and names as they are drawn; entries and opening
 * balances stay in balance, since a line without a formula takes the rest; documents and schedules make their entries
 * anew. What can’t be reckoned stays as it was made and is told.
 */
export function ownBook(
  book: Book,
  figures: OwnFigures,
  { beside = { book, figures }, ...drawing }: Drawing & DrawnAs,
): OwnBook {
  const go = figures.each ? goOf(beside.book, beside.figures, drawing) : 0;
  return madeBook(book, figures, { drawing, go, drawnOf: beside.book });
}

interface Making {
  readonly drawing: Drawing;
  readonly go: number;
  readonly drawnOf: Book;
}

function madeBook(book: Book, figures: OwnFigures, { drawing, go, drawnOf }: Making): OwnBook {
  const digits = minorDigits(book.company.currency);
  const { seed } = drawing;
  const drawn = figures.each ? drawnFor(drawnOf, figures.each, { seed, go }) : null;
  const reckoner = new Reckoner(figures, quantitiesFor(figures, seed), { digits, drawn });
  const named = namesFor(figures, drawing);
  const opened = openings(book, reckoner, restOf(book, figures));
  const entered = {
    ...opened,
    entries: opened.entries.map((each) => (isMade(each) ? each : entry(each, reckoner))),
  };
  const described = withNames(entered, named);
  if (!book.subledgers) return { book: described, faults: reckoner.faults };
  const dealt = withSubledgers(
    described,
    ownSubledgers(subledgersOf(described), { reckoner, named }),
  );
  const made = withDocumentEntries(book, dealt);
  if (made.ok) return { book: made.value, faults: reckoner.faults };
  return { book: described, faults: [...reckoner.faults, ...made.refusals] };
}
