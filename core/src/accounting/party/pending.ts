import type { Book, Subledgers } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Amount } from '../../model/money/amount.js';
import type { Document } from '../../model/shapes/document.js';
import type { Entry } from '../../model/shapes/entry.js';
import { USUAL_TERMS, type Party, type PartyKind } from '../../model/shapes/party.js';
import { isMade } from '../document/document-entries.js';
import { KIND_FACTS } from '../document/document-kinds.js';
import { worthOfDocument } from '../document/document-lines.js';
import { OPENING } from '../document/settlement-faults.js';
import { inOrder } from '../document/stock.js';
import { controlOf } from './control-accounts.js';

/** What of one party is to be settled, or settles: by a document, by what stood at the beginning, or by an entry. */
export interface Pending {
  /** The document’s id, `opening`, or null where an entry says it. */
  readonly document: string | null;
  readonly entry: string | null;
  readonly date: string;
  readonly due: string;
  /** 1: owed; -1: paid, or credited. */
  readonly sign: 1 | -1;
  readonly of: Amount;
  left: Amount;
}

type Said = Pick<Pending, 'document' | 'entry' | 'date'>;

/** What a party owes or is owed by something of a day; below zero: the other way. */
function pending(party: Party, said: Said, amount: Amount): Pending[] {
  if (amount === 0) return [];
  const { netDays } = party.terms ?? USUAL_TERMS;
  const [sign, of] = [amount > 0 ? 1 : -1, Math.abs(amount)] as const;
  const isDebt = sign > 0 || said.document === OPENING;
  const due = isDebt ? addDays(said.date, netDays) : said.date;
  return [{ ...said, due, sign, of, left: of }];
}

const ofDocument = (party: Party, document: Document, subledgers: Subledgers): Pending[] =>
  pending(
    party,
    { document: document.id, entry: null, date: document.date },
    KIND_FACTS[document.kind].owed * worthOfDocument(document, subledgers),
  );

/** What an entry that a person entered says of each party that its lines name. */
function ofEntry(
  subledgers: Subledgers,
  entry: Entry,
  { kind, byId }: { readonly kind: PartyKind; readonly byId: ReadonlyMap<string, Party> },
): [Party, Pending[]][] {
  const sums = new Map<Party, Amount>();
  for (const line of entry.lines) {
    const party = byId.get(line.party ?? '');
    if (party?.kind !== kind || controlOf(subledgers, party) !== line.account) continue;
    const owed = kind === 'customer' ? line.amount : -line.amount;
    sums.set(party, (sums.get(party) ?? 0) + owed);
  }
  const said = { document: null, entry: entry.id, date: entry.date };
  return [...sums].map(([party, amount]) => [party, pending(party, said, amount)]);
}

const namesSomebody = (entry: Entry): boolean =>
  !isMade(entry) && entry.lines.some(({ party }) => party !== undefined);

const byDay = (a: Pending, b: Pending): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

/** What is pending of each party of a kind at the end of a day, the oldest first; settled is nothing yet. */
export function pendingAt(book: Book, kind: PartyKind, at: string): Map<string, Pending[]> {
  const subledgers = subledgersOf(book);
  const { documents, parties } = subledgers;
  const all = new Map<string, Pending[]>();
  const byId = new Map(parties.map((each) => [each.id, each]));
  const begun = book.opening.date;
  for (const party of parties)
    if (party.kind === kind)
      all.set(
        party.id,
        begun <= at
          ? pending(party, { document: OPENING, entry: null, date: begun }, party.opening)
          : [],
      );
  for (const document of inOrder(documents)) {
    const party = byId.get(document.party ?? '');
    if (party && document.date <= at)
      all.get(party.id)?.push(...ofDocument(party, document, subledgers));
  }
  for (const entry of book.entries)
    if (entry.date <= at && namesSomebody(entry))
      for (const [party, own] of ofEntry(subledgers, entry, { kind, byId }))
        all.get(party.id)?.push(...own);
  for (const own of all.values()) own.sort(byDay);
  return all;
}
