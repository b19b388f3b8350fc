import {
  isDay,
  parseAmount,
  partyOfLine,
  sum,
  type Amount,
  type Book,
  type Entry,
  type EntryKind,
  amountWritten,
  writingOf,
  type AmountWriting,
} from '@gleddo/core';
import { nanoid } from 'nanoid';

/** An entry as it is being typed: text in each field. */
export interface EntryDraft {
  readonly id: string | null;
  readonly date: string;
  readonly kind: EntryKind;
  readonly reference: string;
  readonly text: string;
  readonly lines: readonly DraftLine[];
}

export interface DraftLine {
  readonly account: string;
  readonly debit: string;
  readonly credit: string;
  /** Of which customer or supplier; absent or empty: nobody is named. */
  readonly party?: string;
}

export const EMPTY_LINE: DraftLine = { account: '', debit: '', credit: '' };

export const KIND_NAMES: Readonly<Record<EntryKind, string>> = {
  general: 'General',
  sales: 'Sales',
  purchases: 'Purchases',
  'cash-receipts': 'Cash receipts',
  'cash-payments': 'Cash payments',
  transfer: 'Transfer',
  adjusting: 'Adjusting',
  opening: 'Opening',
  closing: 'Closing',
  'prior-period-adjustment': 'Prior-period adjustment',
};

export const emptyDraft = (date: string): EntryDraft => ({
  id: null,
  date,
  kind: 'general',
  reference: '',
  text: '',
  lines: [EMPTY_LINE, EMPTY_LINE],
});

export function draftOf(book: Book, entry: Entry): EntryDraft {
  const writing = writingOf(book.company);
  const side = (amount: Amount) => (amount > 0 ? amountWritten(amount, writing) : '');
  const { id, date, kind, reference, text } = entry;
  const lines = entry.lines.map((line) => {
    const party = partyOfLine(book, line);
    return {
      account: line.account,
      debit: side(line.amount),
      credit: side(-line.amount),
      ...(party === null ? {} : { party: party.id }),
    };
  });
  return { id, date, kind, reference, text, lines };
}

/** The entry that undoes one, to be looked at and recorded. */
export function reversalOf(book: Book, entry: Entry): EntryDraft {
  const turned = entry.lines.map((line) => ({ ...line, amount: -line.amount }));
  const draft = draftOf(book, { ...entry, lines: turned });
  return { ...draft, id: null, text: `Reversal: ${entry.text}`.slice(0, 200) };
}

interface ReadLine {
  readonly account: string;
  /** Debit positive; null where nothing is typed. */
  readonly amount: Amount | null;
  readonly refusal: string | null;
}

export interface ReadDraft {
  readonly lines: readonly ReadLine[];
  /** Debits less credits of what is typed. */
  readonly difference: Amount;
  /** The line whose empty amount would bring the entry into balance; null when there is none. */
  readonly balancing: number | null;
}

function readLine(line: DraftLine, writing: AmountWriting): ReadLine {
  const { account } = line;
  const nothing = { account, amount: null, refusal: null };
  const sides = [
    [line.debit, 1],
    [line.credit, -1],
  ] as const;
  const typed = sides.filter(([text]) => text.trim() !== '');
  if (typed.length === 2)
    return { ...nothing, refusal: 'A line has a debit or a credit, not both. Empty one of them.' };
  const [found] = typed;
  if (!found) return nothing;
  const read = parseAmount(found[0], writing);
  if (!read.ok) return { ...nothing, refusal: read.refusals[0]?.says ?? '' };
  if (read.value < 0)
    return { ...nothing, refusal: 'Write the amount without a minus, on the other side.' };
  return { ...nothing, amount: found[1] * read.value };
}

export function readDraft(book: Book, draft: EntryDraft): ReadDraft {
  const writing = writingOf(book.company);
  const lines = draft.lines.map((line) => readLine(line, writing));
  const difference = sum(lines.map((line) => line.amount ?? 0));
  const open = lines.flatMap((line, i) =>
    line.account !== '' && line.amount === null && line.refusal === null ? [i] : [],
  );
  const balancing = difference !== 0 && open.length === 1 ? (open[0] ?? null) : null;
  return { lines, difference, balancing };
}

/** The entry that a draft says, its balancing line filled in; or why it is not one yet. */
export function entryFrom(draft: EntryDraft, read: ReadDraft): Entry | string {
  const wrong = read.lines.find((line) => line.refusal !== null);
  if (wrong?.refusal) return wrong.refusal;
  if (!isDay(draft.date)) return 'The entry needs a day. Choose one.';
  const homeless = read.lines.find((line) => line.account === '' && line.amount !== null);
  if (homeless)
    return 'An amount stands without an account. Choose the account, or empty the amount.';
  const lines = read.lines.flatMap((line, i) => {
    const amount = i === read.balancing ? -read.difference : line.amount;
    if (line.account === '' || amount === null) return [];
    const party = draft.lines[i]?.party ?? '';
    return [{ account: line.account, amount, ...(party === '' ? {} : { party }) }];
  });
  return {
    id: draft.id ?? `e-${nanoid(12)}`,
    date: draft.date,
    kind: draft.kind,
    reference: draft.reference.trim(),
    text: draft.text.trim(),
    lines,
  };
}
