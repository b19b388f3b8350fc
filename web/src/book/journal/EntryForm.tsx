import {
  intoBatch,
  postsInBatches,
  waits,
  type Book,
  type Entry,
  type Refusal as Refused,
  amountWritten,
  writingOf,
} from '@gleddo/core';
import { Button } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { BookStore } from '../open-book/book-store';
import { useBookStore } from '../open-book/open-book';
import type { Money } from '../../platform/figures/money';
import { isComposing } from '../../platform/keyboard/composing';
import { useSteady } from '../../platform/kept/use-steady';
import { Refusal } from '../../platform/shell/Refusal';
import {
  draftOf,
  EMPTY_LINE,
  entryFrom,
  type DraftLine,
  type EntryDraft,
  type ReadDraft,
} from './entry-draft';
import { DayNotice } from './DayNotice';
import { EntryHeads } from './EntryHeads';
import { Told } from '../../platform/shell/Told';
import { EntryLine } from './EntryLine';
import { Templates } from './Templates';
import styles from './entry.module.css';

interface EntryFormProps {
  readonly book: Book;
  readonly draft: EntryDraft;
  readonly read: ReadDraft;
  readonly money: Money;
  /** Whether somebody has just asked for what stands in it, so that it takes the focus. */
  readonly isAskedFor: boolean;
  onChange(change: (now: EntryDraft) => EntryDraft): void;
  onDone(): void;
  /** The entry stands in the journal now. */
  onRecorded(entry: Entry): void;
}

const FIRST_FIELD = 'input';

/** Changes of what is typed, each of them through the same functions. */
function useDraft({ draft, onChange }: EntryFormProps) {
  const [refused, setRefused] = useState<readonly string[]>([]);
  const set = useSteady((rest: Partial<EntryDraft>) => {
    setRefused([]);
    onChange((now) => ({ ...now, ...rest }));
  });
  const change = useSteady((at: number, rest: Partial<DraftLine>) => {
    setRefused([]);
    onChange((now) => {
      const lines = now.lines.map((each, i) => (i === at ? { ...each, ...rest } : each));
      const isLast = at === lines.length - 1;
      return { ...now, lines: isLast && rest.account ? [...lines, EMPTY_LINE] : lines };
    });
  });
  const takeOut = useSteady((at: number) => set({ lines: draft.lines.filter((_, i) => i !== at) }));
  return { set, change, takeOut, refused, setRefused };
}

/** Changes an entry that is recorded; lets one wait where they are posted together, or puts it right there; records it. */
function put(store: BookStore, { id }: EntryDraft, entry: Entry): readonly Refused[] {
  const { book } = store.snapshot();
  const isWaiting = id === null ? postsInBatches(book) : waits(book, id);
  if (isWaiting) {
    const batch = intoBatch(book, entry, store.rules);
    return batch.ok ? store.change(batch.value).refusals : batch.refusals;
  }
  const kind = id === null ? 'record-entry' : 'change-entry';
  return store.change({ kind, entry }).refusals;
}

/** Records what is typed: answers whether it was. */
function useRecording(
  { draft, read, onRecorded }: EntryFormProps,
  refuse: (says: readonly string[]) => void,
) {
  const store = useBookStore();
  return (): boolean => {
    const entry = entryFrom(draft, read);
    const says =
      typeof entry === 'string' ? [entry] : put(store, draft, entry).map((each) => each.says);
    refuse(says);
    if (typeof entry !== 'string' && says.length === 0) onRecorded(entry);
    return says.length === 0;
  };
}

/** An entry being typed. The last empty amount fills itself with what is still missing. */
export function EntryForm(props: EntryFormProps) {
  const { book, draft, read, money, isAskedFor, onDone } = props;
  const { set, change, takeOut, refused, setRefused } = useDraft(props);
  const form = useRef<HTMLDivElement>(null);
  const recordDraft = useRecording(props, setRefused);
  const toStart = () => form.current?.querySelector<HTMLInputElement>(FIRST_FIELD)?.focus();
  useEffect(() => {
    if (isAskedFor) toStart();
  }, [isAskedFor]);
  const record = () => {
    if (!recordDraft()) return;
    onDone();
    toStart();
  };
  return (
    <div
      ref={form}
      className={styles['form']}
      role="form"
      aria-label={draft.id === null ? 'New entry' : 'Change an entry'}
      onKeyDown={(event) => isRecordKey(event) && record()}
    >
      <EntryHeads {...draft} set={set} />
      <DayNotice book={book} of={draft} />
      {draft.lines.map((line, i) => (
        <EntryLine
          key={i}
          {...{ book, line, at: i, change, takeOut, ...hintsAt(read, i, book) }}
          refusal={read.lines[i]?.refusal ?? null}
          mayGo={draft.lines.length > 2}
        />
      ))}
      <FormFoot {...{ book, draft, read, money, onDone, record, set, toStart }} />
      <Refusal says={refused.join(' ')} />
    </div>
  );
}

const isRecordKey = (event: KeyboardEvent): boolean =>
  event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !isComposing(event);

/** What the line that is still open would need to bring the entry into balance. */
function hintsAt({ balancing, difference }: ReadDraft, at: number, book: Book) {
  const missing = balancing === at ? -difference : 0;
  const written = amountWritten(Math.abs(missing), writingOf(book.company));
  return { debitHint: missing > 0 ? written : '', creditHint: missing < 0 ? written : '' };
}

interface FormFootProps extends Pick<
  EntryFormProps,
  'book' | 'draft' | 'read' | 'money' | 'onDone'
> {
  set(rest: Partial<EntryDraft>): void;
  record(): void;
  /** Brings the focus to the form’s beginning. */
  toStart(): void;
}

function FormFoot(props: FormFootProps) {
  const { book, draft, read, money, onDone, set, record, toStart } = props;
  const isBatch = postsInBatches(book);
  return (
    <div className={styles['foot']}>
      <Button size="small" onClick={() => set({ lines: [...draft.lines, EMPTY_LINE] })}>
        One more line
      </Button>
      {draft.id === null && (
        <Templates
          book={book}
          onTake={(entry) => {
            set({ ...draftOf(book, entry), id: null, date: draft.date });
            toStart();
          }}
        />
      )}
      <DifferenceSays read={read} money={money} />
      <span style={{ marginInlineStart: 'auto' }} />
      {draft.id !== null && <Button onClick={onDone}>Leave it as it was</Button>}
      <Button type="primary" onClick={record} title="Ctrl Enter">
        {draft.id !== null ? 'Record the change' : isBatch ? 'Into the batch' : 'Record'}
      </Button>
    </div>
  );
}

function DifferenceSays({ read, money }: { read: ReadDraft; money: Money }) {
  const { difference, balancing } = read;
  const isEmpty = read.lines.every((line) => line.amount === null);
  const isMet = difference === 0 || balancing !== null;
  const says = isMet
    ? 'in balance'
    : `${money(Math.abs(difference))} more in ${difference > 0 ? 'debit' : 'credit'}`;
  return (
    <>
      <Told says={isEmpty ? '' : `The entry: ${says}.`} />
      {isEmpty ? (
        <span className="quiet">Debits and credits must be equal.</span>
      ) : (
        <span className={isMet ? 'is-met' : 'is-missed'}>
          {isMet ? '✓' : '×'} {says}
        </span>
      )}
    </>
  );
}
