import { ENTRY_KINDS, formatDecimal, minorDigits, type Book } from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { useBookStore } from '../book/open-book';
import { DayField } from '../figures/DayField';
import type { Money } from '../figures/money';
import { accountOptions, SEARCH } from './account-options';
import {
  EMPTY_LINE,
  entryFrom,
  KIND_NAMES,
  type DraftLine,
  type EntryDraft,
  type ReadDraft,
} from './entry-draft';

interface EntryFormProps {
  readonly book: Book;
  readonly draft: EntryDraft;
  readonly read: ReadDraft;
  readonly money: Money;
  onChange(draft: EntryDraft): void;
  onDone(): void;
}

/** An entry being typed. The last empty amount fills itself with what is still missing. */
export function EntryForm({ book, draft, read, money, onChange, onDone }: EntryFormProps) {
  const store = useBookStore();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const form = useRef<HTMLDivElement>(null);
  const set = (rest: Partial<EntryDraft>) => {
    setRefused([]);
    onChange({ ...draft, ...rest });
  };
  const record = () => {
    const entry = entryFrom(draft, read);
    if (typeof entry === 'string') return setRefused([entry]);
    const kind = draft.id === null ? 'record-entry' : 'change-entry';
    const { refusals } = store.change({ kind, entry });
    setRefused(refusals.map((each) => each.says));
    if (refusals.length > 0) return;
    onDone();
    form.current?.querySelector<HTMLInputElement>('input')?.focus();
  };
  return (
    <div
      ref={form}
      className="entry-form"
      role="form"
      aria-label={draft.id === null ? 'New entry' : 'Change an entry'}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) record();
      }}
    >
      <EntryHeads draft={draft} set={set} />
      {draft.lines.map((line, i) => (
        <EntryLine key={i} book={book} draft={draft} read={read} line={line} at={i} set={set} />
      ))}
      <div className="entry-foot">
        <Button size="small" onClick={() => set({ lines: [...draft.lines, EMPTY_LINE] })}>
          One more line
        </Button>
        <DifferenceSays read={read} money={money} />
        <span style={{ marginLeft: 'auto' }} />
        {draft.id !== null && <Button onClick={onDone}>Leave it as it was</Button>}
        <Button type="primary" onClick={record} title="Ctrl Enter">
          {draft.id === null ? 'Record' : 'Record the change'}
        </Button>
      </div>
      {refused.length > 0 && (
        <p className="refusal" role="alert">
          {refused.join(' ')}
        </p>
      )}
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

type SetDraft = (rest: Partial<EntryDraft>) => void;

function EntryHeads({ draft, set }: { draft: EntryDraft; set: SetDraft }) {
  return (
    <div className="entry-heads">
      <div>
        <label htmlFor="entry-day">Day</label>
        <DayField
          id="entry-day"
          value={draft.date}
          onChange={(date) => set({ date })}
          style={{ width: '100%' }}
        />
      </div>
      <div>
        <label htmlFor="entry-kind">Kind</label>
        <Select
          id="entry-kind"
          value={draft.kind}
          style={{ width: '100%' }}
          options={ENTRY_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] })).sort(
            (a, b) => Number(b.value === 'general') - Number(a.value === 'general'),
          )}
          onChange={(kind) => set({ kind })}
        />
      </div>
      <div>
        <label htmlFor="entry-reference">Reference</label>
        <Input
          id="entry-reference"
          value={draft.reference}
          maxLength={60}
          onChange={(event) => set({ reference: event.target.value })}
        />
      </div>
      <div>
        <label htmlFor="entry-text">What happened</label>
        <Input
          id="entry-text"
          value={draft.text}
          maxLength={200}
          onChange={(event) => set({ text: event.target.value })}
        />
      </div>
    </div>
  );
}

interface EntryLineProps {
  readonly book: Book;
  readonly draft: EntryDraft;
  readonly read: ReadDraft;
  readonly line: DraftLine;
  readonly at: number;
  readonly set: SetDraft;
}

function EntryLine({ book, draft, read, line, at, set }: EntryLineProps) {
  const options = useMemo(() => accountOptions(book, line.account), [book, line.account]);
  const change = (rest: Partial<DraftLine>) => {
    const lines = draft.lines.map((each, i) => (i === at ? { ...each, ...rest } : each));
    const isLast = at === lines.length - 1;
    set({ lines: isLast && rest.account ? [...lines, EMPTY_LINE] : lines });
  };
  const missing = read.balancing === at ? -read.difference : 0;
  const hint = (side: 1 | -1) =>
    missing * side > 0 ? formatDecimal(Math.abs(missing), minorDigits(book.company.currency)) : '';
  const refusal = read.lines[at]?.refusal ?? null;
  return (
    <>
      <div className="entry-line">
        <Select
          aria-label={`Account of line ${at + 1}`}
          showSearch={SEARCH}
          placeholder="Account: number or name"
          value={line.account === '' ? null : line.account}
          options={options}
          defaultActiveFirstOption
          onChange={(account: string | null) => change({ account: account ?? '' })}
        />
        <Input
          aria-label={`Debit of line ${at + 1}`}
          placeholder={hint(1) || (at === 0 ? 'Debit' : '')}
          value={line.debit}
          onChange={(event) => change({ debit: event.target.value })}
        />
        <Input
          aria-label={`Credit of line ${at + 1}`}
          placeholder={hint(-1) || (at === 0 ? 'Credit' : '')}
          value={line.credit}
          onChange={(event) => change({ credit: event.target.value })}
        />
        <button
          type="button"
          className="link-button quiet"
          aria-label={`Take line ${at + 1} out`}
          tabIndex={-1}
          disabled={draft.lines.length <= 2}
          onClick={() => set({ lines: draft.lines.filter((_, i) => i !== at) })}
        >
          ×
        </button>
      </div>
      {refusal !== null && (
        <p className="refusal" role="alert">
          {refusal}
        </p>
      )}
    </>
  );
}
