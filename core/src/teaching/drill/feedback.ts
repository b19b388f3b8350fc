import {
  distinctionOf,
  takenFor,
  tellsApart,
  type Distinction,
} from '../../assessment/mixup/index.js';
import {
  sectionOfType,
  statementOfClass,
  typeOf,
  type AccountType,
  type Scheme,
  type Section,
} from '../../model/scheme/scheme.js';
import { sectionSays } from '../../model/scheme/section-says.js';
import { rightOption, type AskedBy, type DrillQuestion } from './ask.js';

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

/** What of a name was asked. */
type Asked = Pick<DrillQuestion, 'name' | 'kind'>;

/** The types that would be right if an answer were. */
function typesOf({ name, kind }: Asked, answer: string, by: AskedBy): string[] {
  const fits = (type: string) => rightOption({ ...name, type }, kind, by) === answer;
  return by.scheme.types.map(({ id }) => id).filter(fits);
}

/**
 * What was not told apart. Who names a section, a statement or a number has named no type: then it is a mix-up only
 * where all that is usually taken for it there is one and the same.
 */
function missedBy(asked: Asked, answer: string, by: AskedBy): Distinction | null {
  const { scheme } = by;
  const { type } = asked.name;
  if (asked.kind === 'side') return null;
  if (asked.kind === 'type') return distinctionOf(scheme, type, answer);
  const there = typesOf(asked, answer, by);
  const usual = new Set(takenFor(scheme, type));
  const found = new Set(
    there.filter((id) => usual.has(id)).map((id) => distinctionOf(scheme, type, id)),
  );
  const [only = null] = found;
  if (found.size === 1) return only;
  const [right, taken] = [type, there[0] ?? null].map((id) => sectionOfType(scheme, id));
  return right && taken ? betweenSections(right, taken) : null;
}

/** What is not told apart between two sections, whatever stands there. */
function betweenSections(right: Section, taken: Section): Distinction | null {
  if (right.id === taken.id) return null;
  if (statementOfClass(right.class) !== statementOfClass(taken.class)) return 'statement';
  if (right.class !== taken.class) return 'class';
  return right.class === 'asset' || right.class === 'liability' ? 'current-or-not' : 'section';
}

const STATEMENTS =
  'What the business has and owes at a day stands on the balance sheet; what it earned and used up in a period in profit and loss.';
const SIDES =
  'What is owned and what is used up stands in debit; what is owed, the owners’ share and what is earned in credit.';

const ofSection = (section: Section): string => `${section.name}: ${sectionSays(section)}.`;

/** What tells two sections apart: what each of them holds. */
function ofSections(scheme: Scheme, type: AccountType, taken: string | undefined): string {
  const [right, other] = [type.id, taken ?? null].map((id) => sectionOfType(scheme, id));
  if (!right || !other) return type.says;
  return right.id === other.id ? type.says : `${ofSection(right)} ${ofSection(other)}`;
}

/** The sentence for a wrong answer: it speaks of what was right and of what was said, and of nothing else. */
function saysOf(asked: Asked, answer: string, by: AskedBy): string {
  const { scheme } = by;
  const type = typeOf(scheme, asked.name.type);
  if (!type) return '';
  const isContra = type.contra ? ' This one lowers another, so it stands on the other side.' : '';
  if (asked.kind === 'side') return `${type.name}: ${type.says} ${SIDES}${isContra}`;
  if (asked.kind === 'statement') return `${type.name}: ${type.says} ${STATEMENTS}`;
  if (asked.kind !== 'type') return ofSections(scheme, type, typesOf(asked, answer, by)[0]);
  const taken = typeOf(scheme, answer);
  return (
    tellsApart(scheme, type.id, answer) ??
    `${type.name}: ${type.says}${taken ? ` ${taken.name}: ${taken.says}` : ''}`
  );
}

/** Whether an answer is right, what was not told apart, and the sentence that tells it. */
export function drillFeedback(asked: Asked, answer: string, by: AskedBy): DrillFeedback {
  const { name, kind } = asked;
  const right = rightOption(name, kind, by) ?? '';
  const type = typeOf(by.scheme, name.type);
  const section = sectionOfType(by.scheme, name.type);
  const place = type && section ? `${type.name}, under ${section.name.toLowerCase()}` : '';
  const shown = kind === 'side' || kind === 'number' ? `${right} (${place})` : place;
  const described = { rightOption: right, right: shown };
  if (answer === right)
    return { ...described, isRight: true, missed: null, says: type?.says ?? '' };
  const missed = missedBy(asked, answer, by);
  return { ...described, isRight: false, missed, says: saysOf(asked, answer, by) };
}
