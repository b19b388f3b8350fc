import type { Book } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { worthOfDocument } from '../document/document-lines.js';
import { KIND_FACTS } from '../document/document-kinds.js';
import { OPENING } from '../document/settlement-faults.js';
import { inOrder } from '../document/stock.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import type { Document } from '../../model/shapes/document.js';
import { USUAL_TERMS, type Party, type PartyKind } from '../../model/shapes/party.js';

/** What of one document, or of the opening balance, is not settled yet. */
export interface OpenItem {
  /** The document's id; `opening` for what stood when the books began. */
  readonly document: string;
  readonly date: string;
  readonly due: string;
  /** Minor units: what a customer owes or a supplier is owed; below zero: paid ahead, or credited. */
  readonly open: Amount;
  /** Of how much it was. */
  readonly of: Amount;
}

interface PartyStanding {
  readonly party: Party;
  /** The sum of what is open. */
  readonly owed: Amount;
  readonly open: readonly OpenItem[];
}

/** What one kind of party owes or is owed at a day. */
export interface WhoOwes {
  readonly parties: readonly PartyStanding[];
  readonly total: Amount;
  /** What the control account says; null where none is chosen. */
  readonly control: Amount | null;
}

/** Days after which what is open is late, by how much: the columns of ages. */
export const AGES = [0, 30, 60, 90] as const;

/** Into which column of ages what is due falls at a day: 0 not due yet, then up to 30 days, 60, 90, beyond. */
export function ageOf(due: string, at: string): number {
  const late = Math.round((Date.parse(at) - Date.parse(due)) / 86_400_000);
  return late <= 0 ? 0 : AGES.filter((from) => late > from).length;
}

interface Pending {
  readonly document: string;
  readonly date: string;
  readonly due: string;
  readonly sign: 1 | -1;
  readonly of: Amount;
  left: Amount;
}

const dueOf = (party: Party, date: string): string =>
  addDays(date, (party.terms ?? USUAL_TERMS).netDays);

function pendingOf(party: Party, documents: readonly Document[], opening: string): Pending[] {
  const begun: Pending[] = [];
  if (party.opening !== 0) {
    const [sign, of] = [party.opening > 0 ? 1 : -1, Math.abs(party.opening)] as const;
    begun.push({
      document: OPENING,
      date: opening,
      due: dueOf(party, opening),
      sign,
      of,
      left: of,
    });
  }
  return [
    ...begun,
    ...documents.flatMap((document): Pending[] => {
      const sign = KIND_FACTS[document.kind].owed;
      if (sign === 0) return [];
      const of = worthOfDocument(document);
      const due = sign > 0 ? dueOf(party, document.date) : document.date;
      return [{ document: document.id, date: document.date, due, sign, of, left: of }];
    }),
  ];
}

function settle(one: Pending, other: Pending, most: Amount): void {
  const amount = Math.min(most, one.left, other.left);
  one.left -= amount;
  other.left -= amount;
}

/** First what documents say that they settle; then what is left of one direction settles the oldest of the other. */
function settleAll(pending: readonly Pending[], documents: readonly Document[]): void {
  const byId = new Map(pending.map((each) => [each.document, each]));
  for (const document of documents)
    for (const { document: settled, amount } of document.settles) {
      const [one, other] = [byId.get(document.id), byId.get(settled)];
      if (one && other && one.sign !== other.sign) settle(one, other, amount);
    }
  const owed = pending.filter(({ sign }) => sign > 0);
  const paid = pending.filter(({ sign }) => sign < 0);
  let next = 0;
  for (const each of paid)
    while (each.left > 0 && next < owed.length) {
      const oldest = owed[next] as Pending;
      settle(each, oldest, each.left);
      if (oldest.left === 0) next++;
    }
}

function standingOf(party: Party, documents: readonly Document[], opening: string): PartyStanding {
  const pending = pendingOf(party, documents, opening);
  settleAll(pending, documents);
  const open = pending
    .filter(({ left }) => left > 0)
    .map(({ document, date, due, sign, of, left }) => ({
      document,
      date,
      due,
      open: sign * left,
      of: sign * of,
    }));
  return { party, owed: open.reduce((sum, each) => sum + each.open, 0), open };
}

function controlOf(book: Book, kind: PartyKind, at: string): Amount | null {
  const { posting } = subledgersOf(book);
  const account = kind === 'customer' ? posting.receivables : posting.payables;
  if (account === null) return null;
  const balance = balancesOf(book, upTo(at)).get(account) ?? 0;
  return kind === 'customer' ? balance : -balance || 0;
}

/** Who owes (customers) or is owed (suppliers) at the end of a day: open documents by party, and what the control account says. */
export function whoOwes(book: Book, kind: PartyKind, at: string): WhoOwes {
  const subledgers = subledgersOf(book);
  const byParty = new Map<string, Document[]>();
  for (const document of inOrder(subledgers.documents)) {
    if (document.party === null || document.date > at) continue;
    const own = byParty.get(document.party);
    if (own) own.push(document);
    else byParty.set(document.party, [document]);
  }
  const isBegun = book.opening.date <= at;
  const parties = subledgers.parties
    .filter((party) => party.kind === kind)
    .map((party) =>
      standingOf(
        isBegun ? party : { ...party, opening: 0 },
        byParty.get(party.id) ?? [],
        book.opening.date,
      ),
    );
  return {
    parties,
    total: parties.reduce((sum, { owed }) => sum + owed, 0),
    control: controlOf(book, kind, at),
  };
}
