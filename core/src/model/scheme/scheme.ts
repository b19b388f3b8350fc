import { otherSide, type Side } from '../money/side.js';
import type { AccountType, ClassId, Scheme, Section } from '../shapes/scheme.js';

export {
  WORDS,
  type AccountType,
  type Activity,
  type ClassId,
  type ProfitLine,
  type Role,
  type Scheme,
  type Section,
  type Words,
} from '../shapes/scheme.js';

export type StatementId = 'balance-sheet' | 'profit-and-loss';

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

export const typesOfSection = (scheme: Scheme, section: string): AccountType[] =>
  scheme.types.filter((type) => type.section === section);
