import { numberEnd } from './number-end.js';
import { accountLabel, type Account, type Book } from '../book/book.js';
import { chartOf, NOT_PLACED, type ChartRow } from '../book/place.js';
import { numberKey } from '../shapes/account-number.js';
import {
  bandOfType,
  inBand,
  keptWithin,
  type Band,
  type NumberPlan,
} from '../numbering/number-plan.js';
import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import { sectionOrder } from './places.js';

const bandTooSmall = refusal(
  'number.band-too-small',
  (f: { band: string; name: string }) =>
    `The band ${f.band} has no number left for “${f.name}”. Widen it in the plan, or choose a plan with longer numbers.`,
);
const noBand = refusal(
  'number.no-band',
  (f: { name: string }) =>
    `The plan keeps no numbers for the place of “${f.name}”. Add a band for its section.`,
);

/** An account's number before and after; null where it has none. */
export interface Renumbered {
  readonly id: string;
  readonly old: string | null;
  readonly number: string | null;
}

interface Cursor {
  readonly prefix: string;
  readonly width: number;
  readonly last: number;
  at: number;
}

function cursorOf(band: Band): Cursor {
  const { prefix, digits } = numberEnd(band.from) ?? { prefix: '', digits: '0' };
  const last = Number(numberEnd(band.to)?.digits ?? '0');
  return { prefix, width: digits.length, last, at: Number(digits) };
}

const written = (cursor: Cursor, value: number): string =>
  cursor.prefix + String(value).padStart(cursor.width, '0');

/** The next multiple of a step above the cursor. */
const above = (at: number, step: number): number => Math.floor(at / step) * step + step;

/** The first number from here on that is not kept for a type of its own. */
function nextIn(
  cursor: Cursor,
  from: number,
  { step, kept }: { readonly step: number; readonly kept: readonly Band[] },
): number {
  let at = from;
  for (;;) {
    const around = kept.find((band) => inBand(band, written(cursor, at)));
    if (!around || at > cursor.last) return at;
    at = above(cursorOf(around).last, step);
  }
}

/** The roundest step (1, 2 or 5 times a power of ten) with which so many numbers fit into a band. */
function evenStep(band: Band, count: number): number {
  const cursor = cursorOf(band);
  const room = Math.max(1, Math.floor((cursor.last - cursor.at) / (count + 1)));
  const power = 10 ** Math.floor(Math.log10(room));
  return ([5, 2, 1].find((n) => n * power <= room) ?? 1) * power;
}

/** How many accounts without a parent stand in each band. */
function topsByBand(
  book: Book,
  plan: NumberPlan,
  rows: readonly ChartRow[],
): ReadonlyMap<Band, number> {
  const counts = new Map<Band, number>();
  for (const { account, depth } of rows) {
    const band = depth === 0 ? bandOfType(plan, book.scheme, account.type) : null;
    if (band) counts.set(band, (counts.get(band) ?? 0) + 1);
  }
  return counts;
}

/** So that parents leave room for what stands under them. */
function numbered(
  book: Book,
  plan: NumberPlan,
  {
    rows,
    stepOf,
  }: {
    readonly rows: readonly ChartRow[];
    readonly stepOf: (band: Band, count: number) => number;
  },
): Result<Renumbered[]> {
  const cursors = new Map<Band, Cursor>();
  const counts = topsByBand(book, plan, rows);
  const found: Renumbered[] = [];
  let parents: Band | null = null;
  for (const { account, depth } of rows) {
    const own = bandOfType(plan, book.scheme, account.type);
    const band: Band | null = depth > 0 && own?.type === undefined ? (parents ?? own) : own;
    if (!band) return refused(noBand({ name: accountLabel(account) }));
    if (depth === 0) parents = band;
    const cursor = cursors.get(band) ?? cursorOf(band);
    cursors.set(band, cursor);
    const step = depth === 0 ? stepOf(band, counts.get(band) ?? 1) : plan.childStep;
    // One after the other, the first of the band is used, too.
    const isFirst =
      depth === 0 && step === 1 && !found.some(({ number }) => number && inBand(band, number));
    const from = isFirst ? cursor.at : depth === 0 ? above(cursor.at, step) : cursor.at + step;
    const next = nextIn(cursor, from, { step, kept: keptWithin(plan, book.scheme, band) });
    if (next > cursor.last)
      return refused(bandTooSmall({ band: `${band.from}–${band.to}`, name: account.name }));
    cursor.at = next;
    found.push({ id: account.id, old: account.number, number: written(cursor, next) });
  }
  return done(found);
}

/** The plan’s step, or a smaller one where a band has no room for it. */
const fitting =
  ({ step }: NumberPlan) =>
  (band: Band, count: number): number =>
    Math.min(step, evenStep(band, count));

/**
 * New numbers for a whole chart by a plan, keeping order and nesting: top accounts by the plan's step, children
 * by its small step behind their parent. Accounts without a place get none. A null plan takes all numbers off.
 */
export function renumberedChart(book: Book, plan: NumberPlan | null): Result<Renumbered[]> {
  const off = (account: Account): Renumbered => ({
    id: account.id,
    old: account.number,
    number: null,
  });
  if (!plan) return done(book.accounts.map(off));
  const chart = chartOf(book);
  const placed = sectionOrder(book)
    .filter((section) => section !== NOT_PLACED)
    .flatMap((section) => [...(chart.get(section) ?? [])]);
  const result = numbered(book, plan, { rows: placed, stepOf: fitting(plan) });
  if (!result.ok) return result;
  const homeless = (chart.get(NOT_PLACED) ?? []).map(({ account }) => off(account));
  return done([...result.value, ...homeless]);
}

/** The book with its chart numbered anew by its own plan. Throws where the plan has no room for it. */
export function numberedAnew(book: Book): Book {
  const plain = { ...book, accounts: book.accounts.map((each) => ({ ...each, number: null })) };
  const result = renumberedChart(plain, plain.numberPlan);
  if (!result.ok) throw new Error(result.refusals[0]?.says);
  const numbers = new Map(result.value.map(({ id, number }) => [id, number]));
  return {
    ...plain,
    accounts: plain.accounts.map((each) => ({ ...each, number: numbers.get(each.id) ?? null })),
  };
}

/** A section's numbers spread evenly over its band, so that there is room between them again. */
export function evenlyNumbered(book: Book, section: string): Result<Renumbered[]> {
  const plan = book.numberPlan;
  const rows = chartOf(book).get(section) ?? [];
  if (!plan) return done([]);
  return numbered(book, plan, { rows, stepOf: evenStep });
}

/** How full a band is: numbers used and free, and the longest run of free ones. */
export interface Capacity {
  readonly used: number;
  readonly free: number;
  readonly longestRun: number;
}

export function capacityOf(book: Book, band: Band): Capacity {
  const { at, last, ...like } = cursorOf(band);
  const values = book.accounts
    .flatMap(({ number }) => (number === null ? [] : [valueLike(like, number)]))
    .filter((value) => value !== null && value >= at && value <= last);
  const taken = [...new Set(values as number[])].sort((a, b) => a - b);
  const runs = [...taken, last + 1].map((value, i) => value - (taken[i - 1] ?? at - 1) - 1);
  const free = Math.max(0, last - at + 1 - taken.length);
  return { used: taken.length, free, longestRun: Math.max(0, ...runs) };
}

/** What a number says in a run of numbers with this prefix and width; null when it is none of them. */
function valueLike({ prefix, width }: Pick<Cursor, 'prefix' | 'width'>, number: string) {
  const key = numberKey(number);
  const digits = key.slice(prefix.length);
  const isLike = key.startsWith(numberKey(prefix)) && digits.length === width;
  return isLike && /^\d+$/.test(digits) ? Number(digits) : null;
}
