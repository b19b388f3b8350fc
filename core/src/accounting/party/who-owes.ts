import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { inOrder } from '../document/stock.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { pendingAt, type Pending } from './pending.js';
import { controlsOf } from './control-accounts.js';
import type { Document } from '../../model/shapes/document.js';
import type { Party, PartyKind } from '../../model/shapes/party.js';

/** What of one document, or of the opening balance, is not settled yet. */
export interface OpenItem {
  /** The document's id; `opening` for what stood when the books began; null: an entry says it. */
  readonly document: string | null;
  /** The entry that says it; null where a document or the opening does. */
  readonly entry: string | null;
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
const AGES = [0, 30, 60, 90] as const;

/** Into which column of ages what is due falls at a day: 0 not due yet, then up to 30 days, 60, 90, beyond. */
export function ageOf(due: string, at: string): number {
  const late = Math.round((Date.parse(at) - Date.parse(due)) / 86_400_000);
  return late <= 0 ? 0 : AGES.filter((from) => late > from).length;
}

function settle(one: Pending, other: Pending, most: Amount): void {
  const amount = Math.min(most, one.left, other.left);
  one.left -= amount;
  other.left -= amount;
}

/** First what documents say that they settle; then what is left of one direction settles the oldest of the other. */
function settleAll(pending: readonly Pending[], documents: readonly Document[]): void {
  const byId = new Map(pending.map((each) => [each.document ?? '', each]));
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

function standingOf(
  party: Party,
  pending: readonly Pending[],
  documents: readonly Document[],
): PartyStanding {
  settleAll(pending, documents);
  const open = pending
    .filter(({ left }) => left > 0)
    .map(({ document, entry, date, due, sign, of, left }) => ({
      ...{ document, entry, date, due },
      open: sign * left,
      of: sign * of,
    }));
  return { party, owed: open.reduce((sum, each) => sum + each.open, 0), open };
}

function controlled(book: Book, kind: PartyKind, at: string): Amount | null {
  const accounts = controlsOf(book, kind);
  if (accounts.size === 0) return null;
  const balances = balancesOf(book, upTo(at));
  const balance = [...accounts].reduce((sum, id) => sum + (balances.get(id) ?? 0), 0);
  return kind === 'customer' ? balance : -balance || 0;
}

/**
 * Who owes (customers) or is owed (suppliers) at the end of a day: what is open by party, from documents and from entries that name
 * somebody, and what the control accounts say.
 */
export function whoOwes(book: Book, kind: PartyKind, at: string): WhoOwes {
  const subledgers = subledgersOf(book);
  const byParty = new Map<string, Document[]>();
  for (const document of inOrder(subledgers.documents)) {
    if (document.party === null || document.date > at) continue;
    const own = byParty.get(document.party);
    if (own) own.push(document);
    else byParty.set(document.party, [document]);
  }
  const pending = pendingAt(book, kind, at);
  const parties = subledgers.parties
    .filter((party) => party.kind === kind)
    .map((party) => standingOf(party, pending.get(party.id) ?? [], byParty.get(party.id) ?? []));
  return {
    parties,
    total: parties.reduce((sum, { owed }) => sum + owed, 0),
    control: controlled(book, kind, at),
  };
}
