import type { Book, Subledgers } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Line } from '../../model/shapes/entry.js';
import type { Party, PartyKind } from '../../model/shapes/party.js';

/** The account on which a kind of party stands unless one has its own; null where none is chosen. */
const usualControl = ({ posting }: Subledgers, kind: PartyKind): string | null =>
  kind === 'customer' ? posting.receivables : posting.payables;

/** The account on which what a party owes or is owed stands: its own, or the one of all its kind; null where none is chosen. */
export const controlOf = (subledgers: Subledgers, { kind, control }: Party): string | null =>
  control ?? usualControl(subledgers, kind);

/** All accounts on which parties of a kind stand. */
export function controlsOf(book: Book, kind: PartyKind): ReadonlySet<string> {
  const subledgers = subledgersOf(book);
  const own = subledgers.parties.flatMap((each) =>
    each.kind === kind ? [each.control ?? null] : [],
  );
  return new Set([usualControl(subledgers, kind), ...own].filter((id) => id !== null));
}

/** Who can be named on a line of an account: those who stand on it. */
export function partiesOn(book: Book, account: string): readonly Party[] {
  const subledgers = subledgersOf(book);
  return subledgers.parties.filter((party) => controlOf(subledgers, party) === account);
}

/** Of whom a line is, where the one whom it names stands on its account; else null. */
export function partyOfLine(book: Book, { account, party: id }: Line): Party | null {
  if (id === undefined) return null;
  const subledgers = subledgersOf(book);
  const party = subledgers.parties.find((each) => each.id === id);
  return party && controlOf(subledgers, party) === account ? party : null;
}
