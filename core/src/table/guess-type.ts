import { plainName, similarity, type PlainName } from '../key/names.js';
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

function best(name: string, types: readonly AccountType[], enough: number): AccountType | null {
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
  if (section === null) return best(name, scheme.types, 0.65);
  const types = typesOfSection(scheme, section).filter((type) => type.role !== 'suspense');
  return (
    best(name, types, 0.3) ??
    types.find((type) => /^sundry/.test(type.id)) ??
    types.find((type) => !type.contra) ??
    null
  );
}

const plainWord = (text: string): string =>
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
  income: 'revenue',
  'cost of goods sold': 'cost-of-sales',
  expenses: 'operating-expenses',
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

/** The type that a cell names by id or name, else the section that it names with a type guessed in it. */
export function typeNamed(scheme: Scheme, cell: string, name: string): AccountType | null {
  const last = (cell.split(/[>›]/).at(-1) ?? cell).trim();
  const exact =
    typeOf(scheme, last.toLowerCase()) ??
    scheme.types.find((type) => isCalled(type, plainWord(last)));
  if (exact) return exact;
  const section = sectionNamed(scheme, cell);
  return section === null ? best(last, scheme.types, 0.75) : guessType(scheme, name, section);
}
