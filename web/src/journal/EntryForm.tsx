import { formatDecimal, minorDigits, type Book, type Entry } from '@gleddo/core';
import { Button } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useBookStore } from '../book/open-book';
import type { Money } from '../figures/money';
import { isComposing } from '../keyboard/composing';
import { useSteady } from '../kept/use-steady';
import { Refusal } from '../shell/Refusal';
import {
  EMPTY_LINE,
  entryFrom,
  type DraftLine,
  type EntryDraft,
  type ReadDraft,
} from './entry-draft';
import { DayNotice } from './DayNotice';
import { EntryHeads } from './EntryHeads';
import { EntryLine } from './EntryLine';

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

/** Records what is typed: answers whether it was. */
function useRecording(
  { draft, read, onRecorded }: EntryFormProps,
  refuse: (says: readonly string[]) => void,
) {
  const store = useBookStore();
  return (): boolean => {
    const entry = entryFrom(draft, read);
    const kind = draft.id === null ? 'record-entry' : 'change-entry';
    const says =
      typeof entry === 'string'
        ? [entry]
        : store.change({ kind, entry }).refusals.map((each) => each.says);
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
      className="entry-form"
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
      <FormFoot
        {...{ draft, read, money, onDone, record }}
        onMore={() => set({ lines: [...draft.lines, EMPTY_LINE] })}
      />
      <Refusal says={refused.join(' ')} />
    </div>
  );
}

const isRecordKey = (event: KeyboardEvent): boolean =>
  event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !isComposing(event);

/** What the line that is still open would need to bring the entry into balance. */
function hintsAt({ balancing, difference }: ReadDraft, at: number, book: Book) {
  const missing = balancing === at ? -difference : 0;
  const written = formatDecimal(Math.abs(missing), minorDigits(book.company.currency));
  return { debitHint: missing > 0 ? written : '', creditHint: missing < 0 ? written : '' };
}

interface FormFootProps extends Pick<EntryFormProps, 'draft' | 'read' | 'money' | 'onDone'> {
  onMore(): void;
  record(): void;
}

function FormFoot({ draft, read, money, onDone, onMore, record }: FormFootProps) {
  return (
    <div className="entry-foot">
      <Button size="small" onClick={onMore}>
        One more line
      </Button>
      <DifferenceSays read={read} money={money} />
      <span style={{ marginLeft: 'auto' }} />
      {draft.id !== null && <Button onClick={onDone}>Leave it as it was</Button>}
      <Button type="primary" onClick={record} title="Ctrl Enter">
        {draft.id === null ? 'Record' : 'Record the change'}
      </Button>
    </div>
  );
}

function DifferenceSays({ read, money }: { read: ReadDraft; money: Money }) {
  const { difference, balancing } = read;
  const isEmpty = read.lines.every((line) => line.amount === null);
  if (isEmpty) return <span className="quiet">Debits and credits must be equal.</span>;
  if (difference === 0 || balancing !== null) return <span className="is-met">✓ in balance</span>;
  return (
    <span className="is-missed">
      × {money(Math.abs(difference))} more in {difference > 0 ? 'debit' : 'credit'}
    </span>
  );
}
