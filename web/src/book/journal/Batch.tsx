import { subledgersOf, postBatch, totalOfEntries, type Book, type Entry } from '@gleddo/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useBookStore } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { Refusal } from '../../platform/shell/Refusal';
import { EntryEffect } from './EntryEffect';

interface BatchProps {
  readonly book: Book;
  readonly money: Money;
  readonly mayChange: boolean;
  /** Takes one of its entries into the form; it waits as it is until it is changed there. */
  onChange(entry: Entry): void;
  /** One of them does not wait any more. */
  onTakenOut(entry: Entry): void;
}

const NOT_POSTED = 'As the books stand, the batch can’t be posted.';

/** The entries that wait: what they will do to the statements, and the one step that posts them. */
export function Batch({ book, ...rest }: BatchProps) {
  const { mayChange } = rest;
  const store = useBookStore();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const { waiting } = subledgersOf(book);
  const posting = useMemo(() => postBatch(book), [book]);
  if (waiting.length === 0) return null;
  const post = () => setRefused(store.change(posting).refusals.map(({ says }) => says));
  return (
    <section aria-label="Batch">
      <h3>The batch: {counted(waiting.length, 'entry', 'entries')} not posted yet</h3>
      <table className="lines-table">
        <tbody>
          {waiting.map((entry) => (
            <WaitingEntry key={entry.id} entry={entry} {...rest} />
          ))}
        </tbody>
      </table>
      {mayChange && (
        <p>
          <Button type="primary" onClick={post}>
            Post the batch
          </Button>
        </p>
      )}
      <Refusal says={refused} />
      <h3>What it will do</h3>
      <EntryEffect
        {...{ book, rules: store.rules, until: NOT_POSTED }}
        operation={posting}
        saysWhy
      />
    </section>
  );
}

type WaitingEntryProps = Omit<BatchProps, 'book'> & { readonly entry: Entry };

function WaitingEntry({ entry, money, mayChange, onChange, onTakenOut }: WaitingEntryProps) {
  const { longDay } = useDays();
  const store = useBookStore();
  const name = entry.text || entry.reference || 'Without a text';
  const takeOut = () => {
    store.change({ kind: 'remove-waiting', id: entry.id });
    onTakenOut(entry);
  };
  return (
    <tr>
      <td style={{ whiteSpace: 'nowrap' }}>{longDay(entry.date)}</td>
      <td>{name}</td>
      <td className="figure">{money(totalOfEntries([entry]))}</td>
      {mayChange && (
        <td style={{ whiteSpace: 'nowrap' }}>
          <Button
            size="small"
            type="text"
            aria-label={`Change ${name} in the batch`}
            onClick={() => onChange(entry)}
          >
            Change
          </Button>
          <Button
            size="small"
            type="text"
            aria-label={`Take ${name} out of the batch`}
            onClick={takeOut}
          >
            Take out
          </Button>
        </td>
      )}
    </tr>
  );
}
