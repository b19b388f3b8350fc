import { refusal, type Refusal } from '../refusal/refusal.js';
import { sectionById, typeOf, type Scheme } from '../scheme/scheme.js';
import { compareNumbers } from '../shapes/account-number.js';
import { bandOfSection, inBand, type Band, type NumberPlan } from './number-plan.js';

const planNoBand = refusal(
  'plan.no-band',
  (f: { names: readonly string[] }) =>
    `${f.names.join(', ')}: no band, so no number is proposed there.`,
);
const planGap = refusal('plan.gap', (f: { from: string; to: string }) =>
  f.from === f.to ? `${f.from} belongs to no band.` : `${f.from} to ${f.to} belong to no band.`,
);
const planOutside = refusal(
  'plan.outside',
  (f: { name: string; band: string; section: string; around: string }) =>
    `${f.name}, ${f.band}, lies outside the band of ${f.section}, ${f.around}: an account there would stand beside its section’s numbers.`,
);
const planCharacters = refusal(
  'plan.characters',
  (f: { number: string }) =>
    `${f.number} has letters, and the plan says digits only. Allow letters, or write it in digits.`,
);
const planLength = refusal(
  'plan.length',
  (f: { number: string; has: number; length: number }) =>
    `${f.number} has ${f.has} characters, and the plan says ${f.length}.`,
);
const planTight = refusal(
  'plan.tight',
  (f: { step: number; childStep: number }) =>
    `Neighbours are ${f.step} apart and children ${f.childStep}: nothing fits under an account before its neighbour begins.`,
);
const planStrange = refusal(
  'plan.strange',
  (f: { band: string }) => `The band ${f.band} is for nothing that the scheme has.`,
);

const text = (band: Band): string => `${band.from}–${band.to}`;

/** What deserves a look in a plan that can be used all the same: what is left out, and what lies oddly. */
export function planNotices(plan: NumberPlan, scheme: Scheme): Refusal[] {
  const notices = [
    ...missingBands(plan, scheme),
    ...gaps(plan),
    ...plan.bands.flatMap((band) => [...oddBand(plan, scheme, band), ...oddEnds(plan, band)]),
  ];
  const { step, childStep } = plan;
  return childStep >= step ? [...notices, planTight({ step, childStep })] : notices;
}

function missingBands(plan: NumberPlan, scheme: Scheme): Refusal[] {
  const names = scheme.sections
    .filter((section) => {
      const types = scheme.types.filter((type) => type.section === section.id);
      const each = types.every((type) => plan.bands.some((band) => band.type === type.id));
      return bandOfSection(plan, section.id) === null && !(types.length > 0 && each);
    })
    .map((section) => section.name);
  return names.length > 0 ? [planNoBand({ names })] : [];
}

/** Runs of numbers between two neighbouring bands of sections that no band has; digits of equal length only. */
function gaps(plan: NumberPlan): Refusal[] {
  const plain = plan.bands
    .filter((band) => band.type === undefined && /^\d{1,15}$/.test(band.from + band.to))
    .filter((band) => band.from.length === band.to.length)
    .sort((a, b) => compareNumbers(a.from, b.from));
  return plain.flatMap((band, i) => {
    const next = plain[i + 1];
    if (next?.from.length !== band.to.length) return [];
    const from = Number(band.to) + 1;
    const to = Number(next.from) - 1;
    const written = (n: number) => String(n).padStart(band.to.length, '0');
    return from <= to ? [planGap({ from: written(from), to: written(to) })] : [];
  });
}

function oddBand(plan: NumberPlan, scheme: Scheme, band: Band): Refusal[] {
  if (band.type === undefined)
    return sectionById(scheme, band.section ?? '') ? [] : [planStrange({ band: text(band) })];
  const type = typeOf(scheme, band.type);
  const section = type ? sectionById(scheme, type.section) : null;
  if (!type || !section) return [planStrange({ band: text(band) })];
  const around = bandOfSection(plan, section.id);
  if (!around || (inBand(around, band.from) && inBand(around, band.to))) return [];
  const facts = { name: type.name, band: text(band), section: section.name, around: text(around) };
  return [planOutside(facts)];
}

function oddEnds(plan: NumberPlan, band: Band): Refusal[] {
  const { length } = plan;
  for (const number of [band.from, band.to]) {
    if (plan.characters === 'digits' && /[^\d]/.test(number)) return [planCharacters({ number })];
    if (number.length !== length) return [planLength({ number, has: number.length, length })];
  }
  return [];
}
