import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import { numberKey } from '../shapes/account-number.js';
import { inBand, type Band, type NumberPlan } from './number-plan.js';

const gapFull = refusal('number.gap-full', (f: { band: string; nearest: readonly string[] }) =>
  f.nearest.length > 0
    ? `No number is free between the neighbours here. The nearest free ones in ${f.band}: ${f.nearest.join(', ')}.`
    : `Every number in ${f.band} is taken. Retire an account, or widen the band in the number plan.`,
);

/** Where a number is wanted: a band, the numbers on either side (null at an end), and those taken. */
export interface NumberGap {
  readonly band: Band;
  readonly after: string | null;
  readonly before: string | null;
  readonly taken: ReadonlySet<string>;
  /** Bands inside it that are kept for types of their own. */
  readonly kept?: readonly Band[];
}

interface Digits {
  readonly prefix: string;
  readonly value: number;
  readonly width: number;
}

function digitsOf(number: string): Digits | null {
  const found = /^(.*?)(\d{1,15})$/.exec(number.trim());
  if (!found) return null;
  const [, prefix = '', tail = ''] = found;
  return { prefix, value: Number(tail), width: tail.length };
}

const written = (like: Digits, value: number): string =>
  like.prefix + String(value).padStart(like.width, '0');

function positionOf(number: string | null, like: Digits, otherwise: number): number {
  const digits = number === null ? null : digitsOf(number);
  if (!digits || digits.width !== like.width) return otherwise;
  return numberKey(digits.prefix) === numberKey(like.prefix) ? digits.value : otherwise;
}

/** The values strictly between two, and which of them are free. */
interface Room {
  readonly lo: number;
  readonly hi: number;
  isFree(n: number): boolean;
}

/** The free value of a room nearest its middle, among the multiples of `step`. */
function nearestMiddle({ lo, hi, isFree }: Room, step: number): number | null {
  const middle = (lo + hi) / 2;
  let best: number | null = null;
  for (let n = Math.floor(lo / step) * step + step; n < hi; n += step)
    if (isFree(n) && (best === null || Math.abs(n - middle) < Math.abs(best - middle))) best = n;
  return best;
}

function roundest(room: Room, width: number): number | null {
  for (let power = width - 1; power >= 0; power--) {
    const found = nearestMiddle(room, 10 ** power);
    if (found !== null) return found;
  }
  return null;
}

/**
 * A free number for a place: between two neighbours the roundest in the gap (most trailing zeros, then
 * nearest the middle); after the last of a band, the next multiple of the plan's step. Always inside the
 * band. When the gap is full it says so and names the nearest free ones.
 */
export function freeNumber(plan: NumberPlan, gap: NumberGap): Result<string> {
  const from = digitsOf(gap.band.from);
  const to = digitsOf(gap.band.to);
  if (!from || !to) return refused(fullGap(gap, []));
  const lo = Math.max(positionOf(gap.after, from, from.value - 1), from.value - 1);
  const hi = Math.min(positionOf(gap.before, from, to.value + 1), to.value + 1);
  const isFree = (n: number) => isOpen(gap, written(from, n));
  const next =
    gap.before === null ? nextStep({ lo: Math.max(lo, from.value), hi, isFree }, plan.step) : null;
  const found = next ?? roundest({ lo, hi, isFree }, from.width);
  if (found !== null) return done(written(from, found));
  return refused(fullGap(gap, nearestFree(gap, lo, 3)));
}

const isOpen = ({ taken, kept = [] }: NumberGap, number: string): boolean =>
  !taken.has(numberKey(number)) && !kept.some((band) => inBand(band, number));

function nextStep({ lo, hi, isFree }: Room, step: number): number | null {
  for (let n = Math.floor(lo / step) * step + step; n < hi; n += step) if (isFree(n)) return n;
  return null;
}

const fullGap = (gap: NumberGap, nearest: readonly string[]) =>
  gapFull({ band: `${gap.band.from}–${gap.band.to}`, nearest }, 'number');

/** Up to `count` free numbers of the band, nearest first around a position. */
function nearestFree(gap: NumberGap, around: number, count: number): string[] {
  const from = digitsOf(gap.band.from);
  const to = digitsOf(gap.band.to);
  const found: string[] = [];
  if (!from || !to) return found;
  for (let d = 0; d <= to.value - from.value && found.length < count; d++)
    for (const n of d === 0 ? [around] : [around - d, around + d]) {
      const number = written(from, n);
      if (n >= from.value && n <= to.value && isOpen(gap, number)) found.push(number);
    }
  return found.slice(0, count).sort();
}

interface NearbyWanted {
  readonly band: Band;
  readonly number: string;
  readonly taken: ReadonlySet<string>;
}

/** Free numbers near a taken one, in the plan's half steps: what the slip offers beside the number. */
export function freeNearby(plan: NumberPlan, { band, number, taken }: NearbyWanted): string[] {
  const at = digitsOf(number);
  const from = digitsOf(band.from);
  const to = digitsOf(band.to);
  if (!at || !from || !to) return [];
  const half = Math.max(1, Math.floor(plan.step / 2));
  const steps = [-plan.step, half, plan.step, -half, 2 * plan.step, 1, -1];
  return steps
    .map((step) => at.value + step)
    .filter((n) => n >= from.value && n <= to.value)
    .map((n) => written(from, n))
    .filter((free) => !taken.has(numberKey(free)))
    .slice(0, 3)
    .sort();
}

interface ChildSpot {
  readonly parent: string;
  /** The parent's last child so far, and what stands after the new one; null where there is none. */
  readonly last: string | null;
  readonly before: string | null;
  readonly band: Band;
  readonly taken: ReadonlySet<string>;
}

/** The number for a child: after its parent and the parent's other children, by the small step. */
export function freeChildNumber(plan: NumberPlan, spot: ChildSpot): Result<string> {
  const { parent, last, before, band, taken } = spot;
  const start = digitsOf(last ?? parent);
  if (!start) return refused(gapFull({ band: parent, nearest: [] }, 'number'));
  const end = Math.min(
    positionOf(before, start, Number.MAX_SAFE_INTEGER),
    positionOf(band.to, start, Number.MAX_SAFE_INTEGER) + 1,
    start.value + 1000 * plan.childStep,
  );
  const isFree = (n: number) => !taken.has(numberKey(written(start, n)));
  const room = { lo: start.value, hi: end, isFree };
  const found = nextStep(room, plan.childStep) ?? roundest(room, start.width);
  if (found !== null) return done(written(start, found));
  return freeNumber(plan, { band, after: parent, before: null, taken });
}
