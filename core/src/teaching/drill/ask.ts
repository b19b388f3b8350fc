import { bandOfType } from '../../model/numbering/index.js';
import { takenFor } from '../../assessment/mixup/index.js';
import {
  normalSide,
  sectionById,
  sectionOfType,
  statementOfClass,
  typeOf,
  type Scheme,
  type Section,
} from '../../model/scheme/scheme.js';
import { statementName } from '../../model/scheme/words.js';
import type { NumberPlan } from '../../model/shapes/number-plan.js';
import { textHash } from '../../model/chance/text-hash.js';
import { randomFrom, shuffled } from '../../model/chance/random.js';
import { STOCK, type StockName } from './stock.js';

/** What a drill can ask of a name. */
export const DRILL_KINDS = ['statement', 'section', 'type', 'side', 'number'] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

export const DRILL_ASKS: Readonly<Record<DrillKind, string>> = {
  statement: 'Balance sheet, or profit and loss?',
  section: 'In which section?',
  type: 'Of which type?',
  side: 'On which side does it normally stand?',
  number: 'Which number fits?',
};

interface DrillOption {
  readonly id: string;
  readonly name: string;
}

export interface DrillQuestion {
  readonly name: StockName;
  readonly kind: DrillKind;
  readonly options: readonly DrillOption[];
}

const OPTIONS = 4;

/** Types that a name may be taken for: the usual mix-ups first, then what is near: its section, its class, its statement. */
function lures(scheme: Scheme, type: string, random: () => number): string[] {
  const usual = shuffled(takenFor(scheme, type), random);
  const own = sectionOfType(scheme, type);
  const near = (of: (section: Section) => unknown) => (id: string) => {
    const section = sectionOfType(scheme, id);
    return own !== null && section !== null && of(section) === of(own);
  };
  const others = shuffled(scheme.types, random)
    .map(({ id }) => id)
    .filter((id) => typeOf(scheme, id)?.role !== 'suspense');
  const nearest = [
    near(({ id }) => id),
    near((section) => section.class),
    near((section) => statementOfClass(section.class)),
    () => true,
  ].flatMap((isNear) => others.filter(isNear));
  return [...new Set([...usual, ...nearest])].filter((id) => id !== type);
}

/** Three others that differ from the right one, told by what each type would be. */
function amongOthers(
  right: string,
  types: readonly string[],
  tell: (type: string) => string | null,
): string[] {
  const found = new Set<string>();
  for (const type of types) {
    const described = tell(type);
    if (described !== null && described !== right) found.add(described);
    if (found.size === OPTIONS - 1) break;
  }
  return [right, ...found];
}

const sectionIdOfType = (scheme: Scheme, type: string): string | null =>
  sectionOfType(scheme, type)?.id ?? null;

const statementOf = (scheme: Scheme, type: string) => {
  const section = sectionOfType(scheme, type);
  return section ? statementOfClass(section.class) : null;
};

const sideOf = (scheme: Scheme, type: string) => {
  const known = typeOf(scheme, type);
  return known ? normalSide(scheme, known) : null;
};

/** A number that stands for a type: the first of its band. */
const numberOf = (plan: NumberPlan, scheme: Scheme, type: string): string | null =>
  bandOfType(plan, scheme, type)?.from ?? null;

/** By what names are asked. */
export interface AskedBy {
  readonly scheme: Scheme;
  readonly plan: NumberPlan | null;
}

/** What is right of a name, by the id of its option; null where it can’t be asked. */
export function rightOption(
  { type }: StockName,
  kind: DrillKind,
  { scheme, plan }: AskedBy,
): string | null {
  if (!typeOf(scheme, type)) return null;
  if (kind === 'type') return type;
  if (kind === 'section') return sectionIdOfType(scheme, type);
  if (kind === 'statement') return statementOf(scheme, type);
  if (kind === 'side') return sideOf(scheme, type);
  return plan ? numberOf(plan, scheme, type) : null;
}

/** The question about a name, its options in an order that the seed decides; null where it can’t be asked. */
export function drillQuestion(
  name: StockName,
  kind: DrillKind,
  by: AskedBy & { readonly seed: number },
): DrillQuestion | null {
  const { scheme, seed } = by;
  const right = rightOption(name, kind, by);
  if (right === null) return null;
  const random = randomFrom(textHash(name.id, seed));
  const option = (id: string, shown: string): DrillOption => ({ id, name: shown });
  if (kind === 'statement') {
    const both = ['balance-sheet', 'profit-and-loss'] as const;
    return { name, kind, options: both.map((id) => option(id, statementName(scheme, id))) };
  }
  if (kind === 'side')
    return { name, kind, options: [option('debit', 'Debit'), option('credit', 'Credit')] };
  const tell = (type: string) => rightOption({ ...name, type }, kind, by);
  const ids = shuffled(amongOthers(right, lures(scheme, name.type, random), tell), random);
  const shown = (id: string) =>
    (kind === 'type' ? typeOf(scheme, id)?.name : sectionById(scheme, id)?.name) ?? id;
  return { name, kind, options: ids.map((id) => option(id, kind === 'number' ? id : shown(id))) };
}

/** The name of the stock with an id; null where there is none. */
export const stockName = (id: string): StockName | null =>
  STOCK.find((each) => each.id === id) ?? null;
