import { plainName, similarity, type PlainName } from './names.js';
import { typeOf, typesOfSection, type AccountType, type Scheme } from '../scheme/scheme.js';
import { namesInAnyWords } from '../scheme/words.js';
import { COMMONEST, wordsSpeakFor } from './type-stems.js';
import { USUAL_NAMES } from './usual-names.js';

/** How well a name fits a type: the best likeness with its name and its examples. */
function fit(name: string, type: AccountType): number {
  const plain = plainName(name);
  return Math.max(...namesOf(type).map((each) => similarity(plain, each)));
}

const known = new WeakMap<AccountType, readonly PlainName[]>();

/** What accounts of a type are usually called: its names in any words, and its examples. */
export function namesOf(type: AccountType): readonly PlainName[] {
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

/** A type that a name suggests, and whether it is called just so: anything else is a guess. */
export interface TypeGuess {
  readonly type: AccountType;
  readonly isSure: boolean;
}

const CALLED_SO = 0.95;
const CLEAR = 0.65;
const SOME_LIKENESS = 0.45;

/** Of some types the one for which the words of a name speak most. */
function bySpeakingWords(name: string, types: readonly AccountType[]): AccountType | null {
  let found: AccountType | null = null;
  let most = 0;
  for (const type of types) {
    const here = wordsSpeakFor(name, type.id);
    if (here > most) [found, most] = [type, here];
  }
  return found;
}

/** Its words mean it whatever is named beside: what a van has lost in worth is no van. */
const takesOff = ({ contra, role }: AccountType): boolean =>
  contra || role === 'depreciation-charge';

const commonest = (section: string, types: readonly AccountType[]): AccountType | null =>
  types.find(({ id }) => id === COMMONEST[section]) ??
  types.find(({ contra, id }) => !contra && id !== 'land') ??
  types.find(({ contra }) => !contra) ??
  null;

/**
 * The type that a name suggests, among those of a section when it is known. Within a section something is always
 * proposed: what it is called, what its words say, the commonest of the section; without one, only what the name says
 * clearly.
 */
export function typeGuess(scheme: Scheme, name: string, section: string | null): TypeGuess | null {
  const types =
    section === null
      ? scheme.types
      : typesOfSection(scheme, section).filter((type) => type.role !== 'suspense');
  const called = bestFitting(name, types, CALLED_SO);
  if (called) return { type: called, isSure: true };
  const type =
    section === null
      ? bestFitting(name, types, CLEAR)
      : (bySpeakingWords(name, types.filter(takesOff)) ??
        bestFitting(name, types, CLEAR) ??
        bySpeakingWords(name, types) ??
        bestFitting(name, types, SOME_LIKENESS) ??
        commonest(section, types));
  return type && { type, isSure: false };
}

/** The same, without how sure it is. */
export const guessType = (
  scheme: Scheme,
  name: string,
  section: string | null,
): AccountType | null => typeGuess(scheme, name, section)?.type ?? null;

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
