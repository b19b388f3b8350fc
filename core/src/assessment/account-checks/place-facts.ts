import type { Account } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { tellsApart } from '../mixup/index.js';
import type { Amount } from '../../model/money/amount.js';
import type { Facts } from '../../model/refusal/refusal.js';
import {
  sectionOfType,
  statementOfClass,
  typeOf,
  type Scheme,
  type Section,
} from '../../model/scheme/scheme.js';
import { statementName } from '../../model/scheme/words.js';
import type { Marking } from '../check/marking.js';

const PLACE_UNKNOWN = 'not placed';

const statementIn = (scheme: Scheme, section: Section | null): string =>
  section ? statementName(scheme, statementOfClass(section.class)).toLowerCase() : PLACE_UNKNOWN;

/** What placement sentences are made from. */
export interface PlaceFacts extends Facts {
  readonly name: string;
  readonly section: string | null;
  readonly statement: string;
  readonly type: string | null;
  readonly rightSection: string | null;
  readonly rightStatement: string;
  readonly rightType: string | null;
  readonly says: string | null;
  /** What tells the right type from the one that it was taken for; null: none of the usual mix-ups. */
  readonly mixUp: string | null;
  /** What stands on the account; null for nothing. */
  readonly amount: string | null;
}

export function placeFacts(marking: Marking, key: Account, odd: Account | null): PlaceFacts {
  const right = sectionOfType(marking.key.book.scheme, key.type);
  const now = odd ? sectionOfAccount(marking.work, odd) : null;
  const type = typeOf(marking.key.book.scheme, key.type);
  const closing: Amount = odd ? (marking.workTraits.get(odd.id)?.closing ?? 0) : 0;
  return {
    name: odd?.name ?? key.name,
    section: now?.name ?? null,
    statement: statementIn(marking.work.scheme, now),
    type: odd ? (typeOf(marking.work.scheme, odd.type)?.name ?? null) : null,
    rightSection: right?.name ?? null,
    rightStatement: statementIn(marking.key.book.scheme, right),
    rightType: type?.name ?? null,
    says: type?.says ?? null,
    mixUp: tellsApart(marking.key.book.scheme, key.type, odd?.type ?? null),
    amount: closing === 0 ? null : marking.money(Math.abs(closing)),
  };
}

/** The sections of the key's type and of the other types that it accepts. */
export function acceptedSections(
  marking: Marking,
  key: Account,
  types: readonly string[],
): Section[] {
  return [key.type, ...types].flatMap((type) => {
    const section = sectionOfType(marking.key.book.scheme, type);
    return section ? [section] : [];
  });
}

/** Whether everything that stands for a key's account is of its type, in the same section: nothing to judge. */
export function placedAlike(marking: Marking, key: Account, works: readonly Account[]): boolean {
  const right = sectionOfType(marking.key.book.scheme, key.type);
  if (!right) return false;
  for (const account of works) {
    if (account.type !== key.type) return false;
    if (sectionOfType(marking.work.scheme, account.type)?.id !== right.id) return false;
  }
  return works.length > 0;
}

/** What the right type is: told from what it was taken for, where that is a usual mix-up. */
export const whyThere = ({ rightType, mixUp, says }: PlaceFacts): string =>
  mixUp ?? (rightType === null ? '' : `${rightType}: ${says}`);

/** How an account is put at its place. */
export const putThere = ({ name, rightType, rightSection }: PlaceFacts): string =>
  `Give “${name}” the type ${rightType ?? ''}: it then stands in ${rightSection ?? ''}.`;
