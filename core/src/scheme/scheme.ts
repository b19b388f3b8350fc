import { otherSide, type Side } from '../money/side.js';

/** In which English a company names things. Only the words change, never what they mean. */
export type Words = 'international' | 'british' | 'american';

export type StatementId = 'balance-sheet' | 'profit-and-loss';
export type ClassId = 'asset' | 'liability' | 'equity' | 'income' | 'expense';

/** What a movement of an account is in the cash flow; `none` is there only for closing. */
export type Activity = 'cash' | 'operating' | 'investing' | 'financing' | 'none';

/** What the program must know about a type. */
export type Role =
  | 'cash'
  | 'receivables-control'
  | 'payables-control'
  | 'inventory'
  | 'accumulated-depreciation'
  | 'retained-earnings'
  | 'suspense'
  | 'none';

/** The heading within a class under which a statement shows the account. */
export interface Section {
  readonly id: string;
  readonly name: string;
  readonly class: ClassId;
  /**
   * Profit and loss only: the first subtotal that the section counts in. Absent: as for the shipped section
   * of this id; one of a scheme's own then counts in the profit before tax.
   */
  readonly countsIn?: ProfitLine;
}

/** The subtotals of profit and loss, in the order shown. */
export type ProfitLine =
  'revenue' | 'grossProfit' | 'operatingProfit' | 'profitBeforeTax' | 'profit';

/** The leaf of a scheme: it fixes section, normal side, cash-flow activity and role. */
export interface AccountType {
  readonly id: string;
  readonly name: string;
  readonly section: string;
  readonly contra: boolean;
  readonly cashFlow: Activity;
  readonly role: Role;
  /** Where accounts of the type close into at the year end. */
  readonly closesInto: 'nothing' | 'retained-earnings';
  /** One sentence that says what such an account is. */
  readonly says: string;
  readonly examples: readonly string[];
}

/** The tree that classifies: statement > class > section > account type, in the order shown. */
export interface Scheme {
  readonly id: string;
  readonly name: string;
  readonly sections: readonly Section[];
  readonly types: readonly AccountType[];
  /** In which words its names are written; absent: international. */
  readonly words?: Words;
}

export const CLASS_NAMES: Readonly<Record<ClassId, string>> = {
  asset: 'Assets',
  liability: 'Liabilities',
  equity: 'Equity',
  income: 'Income',
  expense: 'Expenses',
};

export const STATEMENT_NAMES: Readonly<Record<StatementId, string>> = {
  'balance-sheet': 'Balance sheet',
  'profit-and-loss': 'Profit and loss',
};

export const statementOfClass = (id: ClassId): StatementId =>
  id === 'income' || id === 'expense' ? 'profit-and-loss' : 'balance-sheet';

/** Assets and expenses stand in debit, liabilities, equity and income in credit. */
export const sideOfClass = (id: ClassId): Side =>
  id === 'asset' || id === 'expense' ? 'debit' : 'credit';

interface SchemeIndex {
  readonly ofType: ReadonlyMap<string, Section>;
  readonly types: ReadonlyMap<string, AccountType>;
  readonly sections: ReadonlyMap<string, Section>;
}

const indexes = new WeakMap<Scheme, SchemeIndex>();

function indexOf(scheme: Scheme): SchemeIndex {
  let index = indexes.get(scheme);
  if (!index) {
    const sections = new Map(scheme.sections.map((section) => [section.id, section]));
    const ofType = scheme.types.flatMap((type) => {
      const section = sections.get(type.section);
      return section ? [[type.id, section] as const] : [];
    });
    const types = new Map(scheme.types.map((type) => [type.id, type]));
    index = { types, sections, ofType: new Map(ofType) };
    indexes.set(scheme, index);
  }
  return index;
}

/** The type with this id; null when the scheme has none, or the account has no place yet. */
export const typeOf = (scheme: Scheme, id: string | null): AccountType | null =>
  id === null ? null : (indexOf(scheme).types.get(id) ?? null);

export const sectionById = (scheme: Scheme, id: string): Section | null =>
  indexOf(scheme).sections.get(id) ?? null;

/** The section of a type; null when there is no such type. */
export const sectionOfType = (scheme: Scheme, typeId: string | null): Section | null =>
  typeId === null ? null : (indexOf(scheme).ofType.get(typeId) ?? null);

/** The side on which accounts of the type usually stand: a contra type on the other side from its class. */
export function normalSide(scheme: Scheme, type: AccountType): Side {
  const section = sectionById(scheme, type.section);
  const side = sideOfClass(section?.class ?? 'asset');
  return type.contra ? otherSide(side) : side;
}

export const sectionsOfStatement = (scheme: Scheme, statement: StatementId): Section[] =>
  scheme.sections.filter((section) => statementOfClass(section.class) === statement);

export const typesOfSection = (scheme: Scheme, section: string): AccountType[] =>
  scheme.types.filter((type) => type.section === section);
