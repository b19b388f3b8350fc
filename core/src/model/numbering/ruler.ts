import { numberKey } from '../shapes/account-number.js';
import type { Band } from './number-plan.js';

interface Tail {
  readonly prefix: string;
  readonly value: number;
  readonly width: number;
}

function tailOf(number: string): Tail | null {
  const found = /^(.*?)(\d{1,15})$/.exec(number.trim());
  return found
    ? { prefix: found[1] ?? '', value: Number(found[2]), width: (found[2] ?? '').length }
    : null;
}

/** Where a number lies in its band, from 0 (its first) to 1 (its last); null outside it. */
export function positionInBand(band: Band, number: string): number | null {
  const from = tailOf(band.from);
  const to = tailOf(band.to);
  const at = tailOf(number);
  if (!from || !to || !at || numberKey(at.prefix) !== numberKey(from.prefix)) return null;
  if (at.width < from.width) return null;
  const value = at.value / 10 ** (at.width - from.width);
  if (value < from.value || value >= to.value + 1) return null;
  return to.value === from.value ? 0 : Math.min(1, (value - from.value) / (to.value - from.value));
}

/**
 * The free number of a band nearest to a position in it (0 to 1), the rounder the better: multiples of
 * `step` first, then any. Null when the band is full.
 */
export function freeNumberAt(
  band: Band,
  position: number,
  { taken, step }: { readonly taken: ReadonlySet<string>; readonly step: number },
): string | null {
  const from = tailOf(band.from);
  const to = tailOf(band.to);
  if (!from || !to) return null;
  const wanted = from.value + position * (to.value - from.value);
  for (const unit of [step, 1]) {
    const middle = Math.round(wanted / unit);
    const reach = Math.ceil((to.value - from.value) / unit) + 1;
    for (const n of outwards(middle, reach)) {
      const value = n * unit;
      const text = from.prefix + String(value).padStart(from.width, '0');
      if (value >= from.value && value <= to.value && !taken.has(numberKey(text))) return text;
    }
  }
  return null;
}

/** A number, then its neighbours on both sides, ever farther. */
function* outwards(middle: number, reach: number): Generator<number> {
  yield middle;
  for (let d = 1; d <= reach; d++) {
    yield middle - d;
    yield middle + d;
  }
}

/** How finely ticks are told apart: more would fall on one another. */
const TICKS = 400;

/**
 * Where the numbers of a chart lie on the rulers of some bands: positions from 0 to 1 by the band's place in
 * the list, those that would fall on one another taken once.
 */
export function ticksOf(bands: readonly Band[], numbers: readonly string[]): number[][] {
  const found = bands.map(() => new Set<number>());
  for (const number of numbers)
    bands.forEach((band, i) => {
      const near = number.length < band.from.length || number[0] !== band.from[0];
      const isSpread = band.from[0] !== band.to[0];
      if (near && !isSpread) return;
      const position = positionInBand(band, number);
      if (position !== null) found[i]?.add(Math.round(position * TICKS) / TICKS);
    });
  return found.map((positions) => [...positions]);
}
