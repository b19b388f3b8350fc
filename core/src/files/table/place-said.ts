import {
  sectionOfType,
  statementOfClass,
  type ClassId,
  type AccountType,
  type Scheme,
  type StatementId,
} from '../../model/scheme/scheme.js';
import {
  bestFitting,
  typeGuess,
  plainWord,
  sectionNamed,
  typeCalled,
  type TypeGuess,
} from '../../model/naming/guess-type.js';

/** How exactly a table says where an account stands: the rest is guessed from its name, or not known. */
export type Said = 'type' | 'section' | 'class' | 'statement' | 'nothing';

/** The type of an account as a table has it, and how much of that the table says. */
export interface PlaceSaid {
  readonly type: string | null;
  readonly said: Said;
  /** Whether the type is taken from the name alone. */
  readonly guessed: boolean;
}

const CLASS_WORDS: Readonly<Record<string, ClassId>> = {
  asset: 'asset',
  assets: 'asset',
  liability: 'liability',
  liabilities: 'liability',
  debts: 'liability',
  equity: 'equity',
  income: 'income',
  incomes: 'income',
  revenues: 'income',
  expense: 'expense',
  expenses: 'expense',
  expenditure: 'expense',
  costs: 'expense',
  'costs and expenses': 'expense',
};

const STATEMENT_WORDS: Readonly<Record<string, StatementId>> = {
  'balance sheet': 'balance-sheet',
  'statement of financial position': 'balance-sheet',
  'equity and liabilities': 'balance-sheet',
  'liabilities and equity': 'balance-sheet',
  'capital and liabilities': 'balance-sheet',
  bs: 'balance-sheet',
  'profit and loss': 'profit-and-loss',
  'profit or loss': 'profit-and-loss',
  'profit loss': 'profit-and-loss',
  'income statement': 'profit-and-loss',
  'p l': 'profit-and-loss',
  pl: 'profit-and-loss',
};

/** What a cell or a heading names of a scheme: a section, a class, a statement; nothing that is known. */
export interface Named {
  readonly section: string | null;
  readonly class: ClassId | null;
  readonly statement: StatementId | null;
}

export const NOTHING_NAMED: Named = { section: null, class: null, statement: null };

const own = <T>(words: Readonly<Record<string, T>>, word: string): T | null =>
  Object.hasOwn(words, word) ? (words[word] ?? null) : null;

export function placeNamed(scheme: Scheme, cell: string): Named {
  if (cell.trim() === '') return NOTHING_NAMED;
  const last = cell.split(/[>›/]/).at(-1) ?? cell;
  const word = plainWord(last);
  const section = sectionNamed(scheme, cell);
  const of = scheme.sections.find(({ id }) => id === section)?.class ?? null;
  return {
    section,
    class: section === null ? own(CLASS_WORDS, word) : of,
    statement: own(STATEMENT_WORDS, plainWord(cell)) ?? own(STATEMENT_WORDS, word),
  };
}

export const namesPlace = ({ section, class: of, statement }: Named): boolean =>
  section !== null || of !== null || statement !== null;

/** The types among which an account can be, by what is said of its place. */
function among(scheme: Scheme, named: Named): readonly AccountType[] {
  return scheme.types.filter((type) => {
    const section = sectionOfType(scheme, type.id);
    if (!section || type.role === 'suspense') return false;
    if (named.class !== null) return section.class === named.class;
    return named.statement !== null && statementOfClass(section.class) === named.statement;
  });
}

const ANY_LIKENESS = 0.3;

/** The most usual of some types: a sundry one, else the first that is not contra. */
const usual = (types: readonly AccountType[]): AccountType | null =>
  types.find(({ id }) => id.startsWith('sundry')) ?? types.find(({ contra }) => !contra) ?? null;

const byName = (guess: TypeGuess | null) => ({
  type: guess?.type.id ?? null,
  guessed: guess !== null && !guess.isSure,
});

function typeWithin(scheme: Scheme, name: string, named: Named): PlaceSaid {
  if (named.section !== null)
    return { ...byName(typeGuess(scheme, name, named.section)), said: 'section' };
  const types = among(scheme, named);
  const type = bestFitting(name, types, ANY_LIKENESS) ?? usual(types);
  const said = named.class === null ? 'statement' : 'class';
  return { type: type?.id ?? null, guessed: type !== null, said };
}

const CLEAR_LIKENESS = 0.75;

/** The type that a cell names in other words, unless it is the name of a section, a class or a statement. */
const nearlyCalled = (scheme: Scheme, cell: string, named: Named): AccountType | null =>
  cell.trim() === '' || namesPlace(named) ? null : bestFitting(cell, scheme.types, CLEAR_LIKENESS);

/**
 * Where an account stands, by its cells and the headings above it: the most exact of what is said. `guess`: whether its
 * name alone may say it where nothing else does.
 */
export function placeSaid(
  scheme: Scheme,
  name: string,
  {
    cells,
    guess,
  }: {
    readonly cells: { readonly type: string; readonly section: string; readonly above: Named };
    readonly guess: boolean;
  },
): PlaceSaid {
  const ofType = placeNamed(scheme, cells.type);
  const type = typeCalled(scheme, cells.type) ?? nearlyCalled(scheme, cells.type, ofType);
  if (type) return { type: type.id, said: 'type', guessed: false };
  const candidates = [ofType, placeNamed(scheme, cells.section), cells.above];
  const by = (is: (named: Named) => boolean) => candidates.find(is);
  const named =
    by(({ section }) => section !== null) ??
    by((each) => each.class !== null) ??
    by(({ statement }) => statement !== null);
  if (named) return typeWithin(scheme, name, named);
  return { ...byName(guess ? typeGuess(scheme, name, null) : null), said: 'nothing' };
}
