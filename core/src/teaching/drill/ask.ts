import { bandOfType } from '../../model/numbering/index.js';
import {
  distinctionOf,
  mixUpOf,
  takenFor,
  type Distinction,
} from '../../assessment/mixup/index.js';
import {
  normalSide,
  sectionById,
  sectionOfType,
  statementOfClass,
  typeOf,
  type Scheme,
} from '../../model/scheme/scheme.js';
import { statementName } from '../../model/scheme/words.js';
import { otherwiseSays } from '../../model/scheme/otherwise.js';
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

/** Types that a name may be taken for, the usual mix-ups first. */
function lures(scheme: Scheme, type: string, random: () => number): string[] {
  const usual = shuffled(takenFor(scheme, type), random);
  const others = shuffled(scheme.types, random).map(({ id }) => id);
  return [...new Set([...usual, ...others])].filter((id) => id !== type);
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

/** What is right of a name, by the id of its option; null where it can’t be asked. */
function rightOption(
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

/** What is said of an answer, at once. */
export interface DrillFeedback {
  readonly isRight: boolean;
  readonly missed: Distinction | null;
  /** The id of the option that is right, and what it is in words. */
  readonly rightOption: string;
  readonly right: string;
  /** The sentence that tells the two apart, or why it stands there. */
  readonly says: string;
}

/** Types of which an answer may have thought, nearest first: where it names a section, a statement or a number. */
function thoughtOf({ name, kind }: Asked, answer: string, by: AskedBy): string | null {
  if (kind === 'type') return answer;
  const { scheme } = by;
  const { type } = name;
  const fits = (id: string) => rightOption({ ...BLANK, type: id }, kind, by) === answer;
  return takenFor(scheme, type).find(fits) ?? scheme.types.find(({ id }) => fits(id))?.id ?? null;
}

/** What of a name was asked. */
type Asked = Pick<DrillQuestion, 'name' | 'kind'>;

/** By what names are asked. */
interface AskedBy {
  readonly scheme: Scheme;
  readonly plan: NumberPlan | null;
}

const BLANK: StockName = { id: '', name: '', type: '', country: null };

/** Whether an answer is right, what was not told apart, and the sentence that tells it. */
export function drillFeedback({ name, kind }: Asked, answer: string, by: AskedBy): DrillFeedback {
  const { scheme } = by;
  const right = rightOption(name, kind, by) ?? '';
  const type = typeOf(scheme, name.type);
  const section = sectionOfType(scheme, name.type);
  const place = type && section ? `${type.name}, under ${section.name.toLowerCase()}` : '';
  const shown = kind === 'side' || kind === 'number' ? `${right} (${place})` : place;
  const why = type ? otherwiseSays(scheme, type) : '';
  const described = { rightOption: right, right: shown };
  if (answer === right)
    return { ...described, isRight: true, missed: null, says: type?.says ?? '' };
  const taken = thoughtOf({ name, kind }, answer, by);
  const missed = kind === 'side' ? null : distinctionOf(scheme, name.type, taken);
  const mixUp = mixUpOf(scheme, name.type, taken);
  return { ...described, isRight: false, missed, says: mixUp?.says ?? why };
}

/** The name of the stock with an id; null where there is none. */
export const stockName = (id: string): StockName | null =>
  STOCK.find((each) => each.id === id) ?? null;
