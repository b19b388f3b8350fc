import { compareNumbers, readNumber } from '../numbering/account-number.js';
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
  type AccountType,
  type Scheme,
  type Section,
  type Words,
} from '../scheme/index.js';
import { join, JsonReader, jsonWrongKind } from './json-reader.js';

export const shippedUnknown = refusal(
  'file.shipped-unknown',
  (f: { id: string; known: readonly string[] }) =>
    `“${f.id}” does not come with the program. Known are ${f.known.join(', ')}; or write the whole of it here.`,
);
export const sectionUnknown = refusal(
  'scheme.section-unknown',
  (f: { section: string }) => `The scheme has no section “${f.section}”.`,
);
export const bandBackwards = refusal(
  'plan.band-backwards',
  (f: { from: string; to: string }) =>
    `The band ${f.from} to ${f.to} ends before it begins. Turn its ends round.`,
);
export const bandsOverlap = refusal(
  'plan.bands-overlap',
  (f: { one: string; other: string }) =>
    `The bands ${f.one} and ${f.other} overlap. Bands of one level must not.`,
);

const PROFIT_LINE_IDS = [
  'revenue',
  'grossProfit',
  'operatingProfit',
  'profitBeforeTax',
  'profit',
] as const;
const CLASSES = ['asset', 'liability', 'equity', 'income', 'expense'] as const;
const FLOWS = ['cash', 'operating', 'investing', 'financing', 'none'] as const;
const ROLES = [
  'cash',
  'receivables-control',
  'payables-control',
  'inventory',
  'accumulated-depreciation',
  'retained-earnings',
  'suspense',
  'none',
] as const;

const usualScheme = SHIPPED_SCHEMES[0] as Scheme;

/** A scheme by the id of a shipped one, or the whole of it inline; absent, the usual one. */
export function readScheme(
  reader: JsonReader,
  value: unknown,
  path: string,
  words: Words = 'international',
): Scheme {
  const usual = inWords(usualScheme, words);
  if (value === undefined) return usual;
  if (typeof value === 'string') {
    const found = shippedScheme(value, words);
    if (found) return found;
    const known = SHIPPED_SCHEMES.map((scheme) => scheme.id);
    reader.fault(shippedUnknown({ id: value.slice(0, 60), known }, path));
    return usual;
  }
  const json = reader.object(value, path, ['id', 'name', 'sections', 'types']);
  const sections = reader
    .list(json, 'sections', path)
    .map((each, i) => takeSection(reader, each, join(join(path, 'sections'), i)));
  const known = new Set(sections.map((section) => section.id));
  const types = reader
    .list(json, 'types', path)
    .map((each, i) => takeType(reader, each, join(join(path, 'types'), i), known));
  const scheme: Scheme = {
    id: reader.text(json, 'id', path),
    name: reader.text(json, 'name', path),
    sections,
    types,
  };
  for (const each of faultsOfScheme(scheme, path)) reader.fault(each);
  return orShipped(writtenIn(scheme, words));
}

function takeSection(reader: JsonReader, value: unknown, path: string): Section {
  const json = reader.object(value, path, ['id', 'name', 'class', 'countsIn']);
  const countsIn = reader.oneOf(json, 'countsIn', path, [...PROFIT_LINE_IDS, ''], '');
  return {
    id: reader.text(json, 'id', path),
    name: reader.text(json, 'name', path),
    class: reader.oneOf(json, 'class', path, CLASSES, 'asset'),
    ...(countsIn === '' ? {} : { countsIn }),
  };
}

const TYPE_KEYS = [
  'id',
  'name',
  'section',
  'contra',
  'cashFlow',
  'role',
  'closesInto',
  'says',
  'examples',
];

function takeType(
  reader: JsonReader,
  value: unknown,
  path: string,
  sections: ReadonlySet<string>,
): AccountType {
  const json = reader.object(value, path, TYPE_KEYS);
  const section = reader.text(json, 'section', path);
  if (!sections.has(section)) reader.fault(sectionUnknown({ section }, join(path, 'section')));
  return {
    id: reader.text(json, 'id', path),
    name: reader.text(json, 'name', path),
    section,
    contra: reader.flag(json, 'contra', path),
    cashFlow: reader.oneOf(json, 'cashFlow', path, FLOWS, 'operating'),
    role: reader.oneOf(json, 'role', path, ROLES, 'none'),
    closesInto: reader.oneOf(json, 'closesInto', path, ['nothing', 'retained-earnings'], 'nothing'),
    says: reader.optionalText(json, 'says', path) ?? '',
    examples: reader.list(json, 'examples', path).map(String),
  };
}

/** A number plan by id or inline; null or absent: the book works without numbers. */
export function readPlan(reader: JsonReader, value: unknown, path: string): NumberPlan | null {
  if (value === undefined || value === null) return null;
  if (typeof value === 'string') {
    const found = shippedPlan(value);
    if (found) return found;
    const known = SHIPPED_PLANS.map((plan) => plan.id);
    reader.fault(shippedUnknown({ id: value.slice(0, 60), known }, path));
    return null;
  }
  const keys = ['id', 'name', 'characters', 'length', 'step', 'childStep', 'bands'];
  const json = reader.object(value, path, keys);
  const bands = reader
    .list(json, 'bands', path)
    .map((each, i) => takeBand(reader, each, join(join(path, 'bands'), i)));
  checkOverlaps(reader, bands, join(path, 'bands'));
  return orShippedPlan({
    id: reader.text(json, 'id', path),
    name: reader.text(json, 'name', path),
    characters: reader.oneOf(json, 'characters', path, ['digits', 'letters-and-digits'], 'digits'),
    length: reader.whole(json, 'length', path, 4, 1, 15),
    step: reader.whole(json, 'step', path, 10, 1, 1_000_000),
    childStep: reader.whole(json, 'childStep', path, 1, 1, 1_000_000),
    bands,
  });
}

/** A plan that is written out but says the same as a shipped one is that one. */
function orShippedPlan(plan: NumberPlan): NumberPlan {
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
  const reader = new JsonReader();
  readPlan(reader, plan, '');
  return reader.faults;
}

function takeBand(reader: JsonReader, value: unknown, path: string): Band {
  const json = reader.object(value, path, ['from', 'to', 'section', 'type']);
  const ends = ['from', 'to'].map((key) => {
    const read = readNumber(reader.text(json, key, path));
    if (read.ok) return read.value;
    for (const each of read.refusals) reader.fault({ ...each, at: join(path, key) });
    return '0';
  });
  const [from = '0', to = '0'] = ends;
  if (compareNumbers(from, to) > 0) reader.fault(bandBackwards({ from, to }, path));
  const section = reader.optionalText(json, 'section', path);
  const type = reader.optionalText(json, 'type', path);
  if (section === null && type === null)
    reader.fault(
      jsonWrongKind({ wanted: 'a band with “section” or “type”', found: 'neither' }, path),
    );
  return { from, to, ...(section === null ? {} : { section }), ...(type === null ? {} : { type }) };
}

function checkOverlaps(reader: JsonReader, bands: readonly Band[], path: string): void {
  for (const level of ['section', 'type'] as const) {
    const sorted = bands
      .filter((band) => (band.type === undefined) === (level === 'section'))
      .sort((a, b) => compareNumbers(a.from, b.from));
    sorted.forEach((band, i) => {
      const next = sorted[i + 1];
      if (next && compareNumbers(band.to, next.from) >= 0)
        reader.fault(
          bandsOverlap({ one: `${band.from}–${band.to}`, other: `${next.from}–${next.to}` }, path),
        );
    });
  }
}
