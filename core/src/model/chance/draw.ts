import { Big } from 'big.js';
import { randomFrom } from './random.js';
import { textHash } from './text-hash.js';
import type { OwnFigures, Quantity } from '../exercise-shapes/own-figures.js';

/** Whose figures: a seed, and the name that stands for `{student}`. */
export interface Drawing {
  readonly seed: number;
  readonly student?: string;
}

/** What stands for `{student}` where nobody is named. */
const SOMEBODY = 'Your name';

/** Each thing is drawn by its own name, so that one more changes none of the others. */
const chance = (name: string, seed: number): number => randomFrom(textHash(name, seed))();

/** Which of so many is drawn under a name. */
export const drawnAt = (name: string, seed: number, count: number): number =>
  Math.floor(chance(name, seed) * count);

/** How many values a quantity can have. */
function valuesOf({ from, to, step }: Quantity): number {
  const width = new Big(to).minus(from);
  const by = new Big(step);
  if (by.lte(0) || width.lt(0)) return 1;
  return Math.min(1_000_000, Number(width.div(by).round(0, Big.roundDown)) + 1);
}

function drawnValue(quantity: Quantity, seed: number): Big {
  const at = Math.floor(chance(`quantity ${quantity.name}`, seed) * valuesOf(quantity));
  return new Big(quantity.from).plus(new Big(quantity.step).times(at));
}

/** What each quantity is for a seed. */
export const quantitiesFor = (
  { quantities = [] }: OwnFigures,
  seed: number,
): ReadonlyMap<string, Big> =>
  new Map(quantities.map((quantity) => [quantity.name, drawnValue(quantity, seed)]));

/** Replaces the names that are drawn, wherever they stand in a text. */
export function namesFor(
  { names = [] }: OwnFigures,
  { seed, student = SOMEBODY }: Drawing,
): (text: string) => string {
  const pairs = names.map(({ name, instead }): [string, string] => {
    const among = [name, ...instead];
    return [name, among[Math.floor(chance(`name ${name}`, seed) * among.length)] ?? name];
  });
  const all: [string, string][] = [...pairs, ['{student}', student]];
  const changed = all.filter(([name, other]) => name !== '' && name !== other);
  return (text) => {
    if (!changed.some(([name]) => text.includes(name))) return text;
    let described = '';
    for (let at = 0; at < text.length;) {
      const found = changed.find(([name]) => text.startsWith(name, at));
      described += found ? found[1] : text[at];
      at += found ? found[0].length : 1;
    }
    return described;
  };
}
