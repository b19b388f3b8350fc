import type { Account } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { sideOf, type Side } from '../../model/money/side.js';
import type { Facts } from '../../model/refusal/refusal.js';
import { statementOfClass } from '../../model/scheme/scheme.js';
import type { Marking } from '../check/marking.js';

/** The opening amounts of one of the key's accounts and of what stands for it, debit positive. */
export interface Openings {
  readonly wanted: Amount;
  readonly found: Amount;
}

/** Amounts of a pair count together, and are judged at the first of the key's accounts. */
export function openingsOf(marking: Marking, key: Account, works: readonly Account[]): Openings {
  const keys = marking.pairOf(key.id)?.keys ?? [key];
  return {
    wanted: sum(keys.map(({ id }) => marking.keyTraits.get(id)?.opening ?? 0)),
    found: sum(works.map(({ id }) => marking.workTraits.get(id)?.opening ?? 0)),
  };
}

/** Whether the key has opening balances at all. */
export function keyOpens(marking: Marking): boolean {
  for (const traits of marking.keyTraits.values()) if (traits.opening !== 0) return true;
  return false;
}

/** Opening amounts are asked of balance-sheet accounts; of others only where one side has any. */
export function opensHere(marking: Marking, key: Account, { wanted, found }: Openings): boolean {
  if (!keyOpens(marking)) return false;
  const section = sectionOfAccount(marking.key.book, key);
  const onSheet = section !== null && statementOfClass(section.class) === 'balance-sheet';
  return onSheet || wanted !== 0 || found !== 0;
}

/** Whether the amount is right and only its side is wrong. */
export const isTurnedRound = ({ wanted, found }: Openings): boolean =>
  wanted !== 0 && found === -wanted;

export interface OpeningFacts extends Facts {
  readonly name: string;
  readonly found: string;
  readonly foundSide: Side | null;
  readonly wanted: string;
  readonly wantedSide: Side | null;
  /** Whether these are balances at the end, since the work is a list of these. */
  readonly isClosing: boolean;
}

export function openingFacts(
  marking: Marking,
  name: string,
  { wanted, found }: Openings,
): OpeningFacts {
  return {
    name,
    found: marking.money(Math.abs(found)),
    foundSide: sideOf(found),
    wanted: marking.money(Math.abs(wanted)),
    wantedSide: sideOf(wanted),
    isClosing: marking.entriesNotJudged.length > 0,
  };
}
