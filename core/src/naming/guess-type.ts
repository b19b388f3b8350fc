import { plainName, similarity, type PlainName } from './names.js';
import { typeOf, typesOfSection, type AccountType, type Scheme } from '../scheme/scheme.js';
import { namesInAnyWords } from '../scheme/words.js';
import { USUAL_NAMES } from './usual-names.js';

/** How well a name fits a type: the best likeness with its name and its examples. */
function fit(name: string, type: AccountType): number {
  const plain = plainName(name);
  return Math.max(...namesOf(type).map((each) => similarity(plain, each)));
}

const known = new WeakMap<AccountType, readonly PlainName[]>();

/** What accounts of a type are usually called: its names in any words, and its examples. */
function namesOf(type: AccountType): readonly PlainName[] {
  let names = known.get(type);
  if (!names) {
    const usual = Object.hasOwn(USUAL_NAMES, type.id) ? (USUAL_NAMES[type.id] ?? []) : [];
    const all = [type.name, ...namesInAnyWords(type.id), ...type.examples, ...usual].map(plainName);
    names = [...new Map(all.map((each) => [each.text, each])).values()];
    known.set(type, names);
  }
  return names;
}

/** Which of some types a name fits best, if any fits well enough. */
export function bestFitting(
  name: string,
  types: readonly AccountType[],
  enough: number,
): AccountType | null {
  let found: AccountType | null = null;
  let worth = enough;
  for (const type of types) {
    const here = fit(name, type);
    if (here > worth) {
      found = type;
      worth = here;
    }
  }
  return found;
}

/**
 * The type that a name suggests, among those of a section when it is known. Within a section something is
 * always proposed (its first plain type at worst); without one, only what the name says clearly.
 */
export function guessType(
  scheme: Scheme,
  name: string,
  section: string | null,
): AccountType | null {
  if (section === null) return bestFitting(name, scheme.types, 0.65);
  const types = typesOfSection(scheme, section).filter((type) => type.role !== 'suspense');
  return (
    bestFitting(name, types, 0.3) ??
    types.find((type) => /^sundry/.test(type.id)) ??
    types.find((type) => !type.contra) ??
    null
  );
}

export const plainWord = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ')
    .trim();

/** By its name in the book, or by a shipped name in whatever words. */
const isCalled = ({ id, name }: { id: string; name: string }, word: string): boolean =>
  [name, ...namesInAnyWords(id)].some((each) => plainWord(each) === word);

const SECTION_ALIASES: Readonly<Record<string, string>> = {
  'fixed assets': 'non-current-assets',
  'long term assets': 'non-current-assets',
  'short term assets': 'current-assets',
  'short term liabilities': 'current-liabilities',
  'long term liabilities': 'non-current-liabilities',
  capital: 'equity',
  'capital and reserves': 'equity',
  turnover: 'revenue',
  sales: 'revenue',
  'cost of goods sold': 'cost-of-sales',
  'other income and expenses': 'other-income',
  'current asset': 'current-assets',
  'non current asset': 'non-current-assets',
  'fixed asset': 'non-current-assets',
  'current liability': 'current-liabilities',
  'non current liability': 'non-current-liabilities',
  'long term liability': 'non-current-liabilities',
  'operating expense': 'operating-expenses',
  'cost of sale': 'cost-of-sales',
  'operating revenue': 'revenue',
  'shareholders equity': 'equity',
  'owner s equity': 'equity',
  'owners equity': 'equity',
  overheads: 'operating-expenses',
  tax: 'income-tax',
};

/** The section that a cell names (`Current assets`, `Balance sheet > Equity`); null when none. */
export function sectionNamed(scheme: Scheme, cell: string): string | null {
  const last = cell.split(/[>›/]/).at(-1) ?? cell;
  const word = plainWord(last);
  const found = scheme.sections.find(
    (section) => isCalled(section, word) || plainWord(section.id) === word,
  );
  const alias = SECTION_ALIASES[word];
  return found?.id ?? (alias && scheme.sections.some((s) => s.id === alias) ? alias : null);
}

/** The type that a cell names by its id or by a name of it, in whatever words; null where it names none. */
export function typeCalled(scheme: Scheme, cell: string): AccountType | null {
  const last = (cell.split(/[>›]/).at(-1) ?? cell).trim();
  if (last === '') return null;
  return (
    typeOf(scheme, last.toLowerCase()) ??
    scheme.types.find((type) => isCalled(type, plainWord(last))) ??
    null
  );
}
