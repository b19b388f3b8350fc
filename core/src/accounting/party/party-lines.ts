import type { Book, Entry, Subledgers } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Amount } from '../../model/money/amount.js';
import type { Party } from '../../model/shapes/party.js';
import type { LedgerLine } from '../ledger/balances.js';
import { controlOf } from './control-accounts.js';

/** What moved what a party owes or is owed, and on which account it stands; null where none is chosen. */
interface PartyLines {
  readonly account: string | null;
  /** Debit positive, minor units, in the order of days; the opening first. */
  readonly lines: readonly LedgerLine[];
}

/** Whose an entry is where a document made it. */
const byDocument = ({ documents }: Subledgers): ReadonlyMap<string, string | null> =>
  new Map(documents.map(({ id, party }) => [id, party]));

/** A party’s postings up to a day: by its documents, and by lines of entries that name it. */
export function linesOfParty(book: Book, party: Party, to: string): PartyLines {
  const subledgers = subledgersOf(book);
  const account = controlOf(subledgers, party);
  const whose = byDocument(subledgers);
  const isOf = ({ document }: Entry, named: string | undefined): boolean =>
    document === undefined ? named === party.id : whose.get(document) === party.id;
  const found: Omit<LedgerLine, 'balance'>[] = book.entries
    .filter(({ date }) => date <= to)
    .flatMap((entry) =>
      entry.lines
        .filter((line) => line.account === account && isOf(entry, line.party))
        .map(({ amount }) => ({ entry, date: entry.date, amount })),
    )
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  const opened: Amount = party.kind === 'customer' ? party.opening : -party.opening;
  const { date } = book.opening;
  if (opened !== 0 && date <= to) found.unshift({ entry: null, date, amount: opened });
  let balance = 0;
  return { account, lines: found.map((line) => ({ ...line, balance: (balance += line.amount) })) };
}
