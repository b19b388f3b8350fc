import { accountLabel, accountOf, type Book, type Entry } from '@gleddo/core';
import { Button } from 'antd';
import { longDay } from '../figures/days';
import type { Money } from '../figures/money';
import { KIND_NAMES } from './entry-draft';

interface EntryListProps {
  readonly book: Book;
  readonly money: Money;
  readonly edited: string | null;
  readonly mayChange: boolean;
  readonly entriesMayChange: boolean;
  onChange(entry: Entry): void;
  onReverse(entry: Entry): void;
  onRemove(entry: Entry): void;
}

/** The journal, newest day first. */
export function EntryList({ book, ...rest }: EntryListProps) {
  const entries = [...book.entries]
    .reverse()
    .sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0));
  if (entries.length === 0)
    return <p className="quiet">Nothing has been recorded yet. The first entry goes above.</p>;
  return (
    <div role="list" aria-label="Recorded entries">
      {entries.map((entry) => (
        <OneEntry key={entry.id} book={book} entry={entry} {...rest} />
      ))}
    </div>
  );
}

function OneEntry({ book, entry, money, edited, ...rest }: EntryListProps & { entry: Entry }) {
  const { mayChange, entriesMayChange, onChange, onReverse, onRemove } = rest;
  const tool = (label: string, act: (entry: Entry) => void) => (
    <Button
      size="small"
      type="text"
      aria-label={`${label} ${entry.text}`}
      onClick={() => act(entry)}
    >
      {label}
    </Button>
  );
  return (
    <div role="listitem" className={`entry ${edited === entry.id ? 'is-edited' : ''}`}>
      <div className="entry-title">
        <span className="quiet" style={{ whiteSpace: 'nowrap' }}>
          {longDay(entry.date)}
        </span>
        <strong>{entry.text || KIND_NAMES[entry.kind]}</strong>
        <span className="mark-says">
          {[entry.reference, KIND_NAMES[entry.kind].toLowerCase()].filter(Boolean).join(' · ')}
        </span>
        {mayChange && (
          <span className="tools">
            {entriesMayChange && tool('Change', onChange)}
            {tool('Reverse', onReverse)}
            {entriesMayChange && tool('Remove', onRemove)}
          </span>
        )}
      </div>
      {entry.lines.map((line, i) => {
        const account = accountOf(book, line.account);
        return (
          <div key={i} className="entry-lines">
            <span />
            <span style={{ paddingLeft: line.amount < 0 ? 20 : 0 }}>
              {account ? accountLabel(account) : line.account}
            </span>
            <span className="figure">{line.amount > 0 ? money(line.amount) : ''}</span>
            <span className="figure">{line.amount < 0 ? money(-line.amount) : ''}</span>
          </div>
        );
      })}
    </div>
  );
}
