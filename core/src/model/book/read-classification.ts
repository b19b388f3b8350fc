import { compareNumbers } from '../shapes/account-number.js';
import type { Band, NumberPlan } from '../numbering/number-plan.js';
import { shippedPlan, SHIPPED_PLANS } from '../numbering/shipped-plans.js';
import { refusal, type Refusal } from '../refusal/refusal.js';
import {
  faultsOfScheme,
  inWords,
  orShipped,
  SHIPPED_SCHEMES,
  shippedScheme,
  writtenIn,
  type Scheme,
  type Words,
} from '../scheme/index.js';
import { join } from '../shape/explain.js';
import { bandOfNothing, numberPlanShape } from '../shapes/number-plan.js';
import { writtenScheme } from '../shapes/scheme.js';
import { fitting } from '../shape/shape.js';

const shippedUnknown = refusal(
  'file.shipped-unknown',
  (f: { id: string; known: readonly string[] }) =>
    `“${f.id}” does not come with the program. Known are ${f.known.join(', ')}; or write the whole of it here.`,
);
const bandBackwards = refusal(
  'plan.band-backwards',
  (f: { from: string; to: string }) =>
    `The band ${f.from} to ${f.to} ends before it begins. Turn its ends round.`,
);
const bandsOverlap = refusal(
  'plan.bands-overlap',
  (f: { one: string; other: string }) =>
    `The bands ${f.one} and ${f.other} overlap. Bands of one level must not.`,
);

const usualScheme = SHIPPED_SCHEMES[0] as Scheme;

/** What was read, and what is wrong with it. */
export interface Taken<T> {
  readonly value: T;
  readonly faults: readonly Refusal[];
}

const unknownShipped = (id: string, known: readonly { readonly id: string }[], path: string) =>
  shippedUnknown({ id: id.slice(0, 60), known: known.map((each) => each.id) }, path);

/** A scheme by the id of a shipped one, or the whole of it inline; absent, the usual one. */
export function takeScheme(json: unknown, path: string, words: Words): Taken<Scheme> {
  const usual = inWords(usualScheme, words);
  if (json === undefined) return { value: usual, faults: [] };
  if (typeof json === 'string') {
    const found = shippedScheme(json, words);
    if (found) return { value: found, faults: [] };
    return { value: usual, faults: [unknownShipped(json, SHIPPED_SCHEMES, path)] };
  }
  const scheme = writtenScheme.read(json, 0);
  return { value: orShipped(writtenIn(scheme, words)), faults: faultsOfScheme(scheme, path) };
}

/** A number plan by id or inline; null or absent: the book works without numbers. */
export function takePlan(json: unknown, path: string): Taken<NumberPlan | null> {
  if (json === undefined || json === null) return { value: null, faults: [] };
  if (typeof json === 'string') {
    const found = shippedPlan(json);
    return { value: found, faults: found ? [] : [unknownShipped(json, SHIPPED_PLANS, path)] };
  }
  const plan = numberPlanShape.read(json, 0);
  return { value: orShippedPlan(plan), faults: faultsOfBands(plan.bands, join(path, 'bands')) };
}

/** A plan that is written out but says the same as a shipped one is that one. */
export function orShippedPlan(plan: NumberPlan): NumberPlan {
  const shipped = shippedPlan(plan.id);
  const same = (band: Band) => `${band.section} ${band.type} ${band.from} ${band.to}`;
  const alike =
    shipped?.name === plan.name &&
    shipped.step === plan.step &&
    shipped.childStep === plan.childStep &&
    shipped.length === plan.length &&
    shipped.bands.map(same).join() === plan.bands.map(same).join();
  return alike ? shipped : plan;
}

/** What is wrong with a plan somebody writes: each fault with its place. */
export function faultsOfPlan(plan: NumberPlan): readonly Refusal[] {
  const read = fitting(numberPlanShape.value, plan);
  return read.ok ? faultsOfBands(read.value.bands, 'bands') : read.refusals;
}

function faultsOfBands(bands: readonly Band[], path: string): Refusal[] {
  const each = bands.flatMap((band, i) => faultsOfBand(band, join(path, i)));
  return [...each, ...overlaps(bands, path)];
}

function faultsOfBand({ from, to, section, type }: Band, at: string): Refusal[] {
  const faults: Refusal[] = [];
  if (compareNumbers(from, to) > 0) faults.push(bandBackwards({ from, to }, at));
  if (section === undefined && type === undefined) faults.push(bandOfNothing({}, at));
  return faults;
}

function overlaps(bands: readonly Band[], path: string): Refusal[] {
  return (['section', 'type'] as const).flatMap((level) => {
    const sorted = bands
      .filter((band) => (band.type === undefined) === (level === 'section'))
      .sort((a, b) => compareNumbers(a.from, b.from));
    return sorted.flatMap((band, i) => {
      const next = sorted[i + 1];
      if (!next || compareNumbers(band.to, next.from) < 0) return [];
      const facts = { one: `${band.from}–${band.to}`, other: `${next.from}–${next.to}` };
      return [bandsOverlap(facts, path)];
    });
  });
}
