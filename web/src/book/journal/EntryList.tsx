import {
  accountLabel,
  accountOf,
  isMade,
  partyOfLine,
  type Book,
  type Entry,
  type Line,
} from '@gleddo/core';
import { Button } from 'antd';
import { memo, useMemo } from 'react';
import { Link, useLocation } from 'react-router';
import { pathBeside } from '../../platform/shell/path-beside';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { useLongList } from '../../platform/figures/use-long-list';
import { KIND_NAMES } from './entry-draft';
import { RepeatEntry } from './RepeatEntry';
import styles from './entry.module.css';

interface EntryTools {
  readonly mayChange: boolean;
  readonly entriesMayChange: boolean;
  onChange(entry: Entry): void;
  onDuplicate(entry: Entry): void;
  onReverse(entry: Entry): void;
  onRemove(entry: Entry): void;
}

interface EntryListProps extends EntryTools {
  readonly book: Book;
  /** Those that are shown. */
  readonly shown: readonly Entry[];
  readonly money: Money;
  /** The id of the entry that is being changed; null when none is. */
  readonly edited: string | null;
}

const TITLE_HEIGHT = 42;
const LINE_HEIGHT = 21;

const newestFirst = (entries: readonly Entry[]): Entry[] =>
  [...entries].reverse().sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0));

const NONE_YET = 'Nothing has been recorded yet. The first entry goes above.';
const NONE_FOUND = 'No entry answers to that. Show all, or look for something else.';

/** The journal, newest day first: what is typed above does not touch it. */
export const EntryList = memo(function EntryList({ book, shown, edited, ...rest }: EntryListProps) {
  const entries = useMemo(() => newestFirst(shown), [shown]);
  const { list, rows, before, after, measure } = useLongList<HTMLDivElement>(
    entries.length,
    (i) => TITLE_HEIGHT + LINE_HEIGHT * (entries[i]?.lines.length ?? 2),
  );
  if (entries.length === 0)
    return <p className="quiet">{book.entries.length === 0 ? NONE_YET : NONE_FOUND}</p>;
  return (
    <div
      ref={list}
      role="list"
      aria-label="Recorded entries"
      style={{ paddingTop: before, paddingBottom: after }}
    >
      {rows.map((i) => {
        const entry = entries[i];
        if (!entry) return null;
        return (
          <div
            key={entry.id}
            ref={measure}
            role="listitem"
            aria-setsize={entries.length}
            aria-posinset={i + 1}
            data-index={i}
            data-entry={entry.id}
            className={`${styles['item']} ${edited === entry.id ? 'is-edited' : ''}`}
          >
            <OneEntry book={book} entry={entry} {...rest} />
          </div>
        );
      })}
    </div>
  );
});

type OneEntryProps = EntryTools &
  Pick<EntryListProps, 'book' | 'money'> & { readonly entry: Entry };

function OneEntry({ book, entry, money, ...tools }: OneEntryProps) {
  const { longDay } = useDays();
  return (
    <>
      <div className={styles['title']}>
        <span className="quiet" style={{ whiteSpace: 'nowrap' }}>
          {longDay(entry.date)}
        </span>
        <strong>
          <Link
            className={styles['link']}
            title="What it did"
            to={`?entry=${encodeURIComponent(entry.id)}`}
          >
            {entry.text || KIND_NAMES[entry.kind]}
          </Link>
        </strong>
        <span className="mark-says">{besides(entry)}</span>
        <MadeBy entry={entry} />
        {tools.mayChange && <Tools entry={entry} {...tools} />}
      </div>
      {entry.lines.map((line, i) => (
        <OneLine key={i} {...{ book, line, money }} />
      ))}
    </>
  );
}

/** Its reference, and of what kind it is where its words do not say so. */
const besides = ({ reference, text, kind }: Entry): string =>
  [reference, text === '' ? '' : KIND_NAMES[kind].toLowerCase()].filter(Boolean).join(' · ');

type OneLineProps = Pick<EntryListProps, 'book' | 'money'> & { readonly line: Line };

function OneLine({ book, line, money }: OneLineProps) {
  const account = accountOf(book, line.account);
  return (
    <div className={styles['lines']}>
      <span />
      <span style={{ paddingInlineStart: line.amount < 0 ? '1.25rem' : 0 }}>
        {account ? accountLabel(account) : line.account}
        <span className="quiet">{partyAfter(book, line)}</span>
      </span>
      <span className="figure">{line.amount > 0 ? money(line.amount) : ''}</span>
      <span className="figure">{line.amount < 0 ? money(-line.amount) : ''}</span>
    </div>
  );
}

/** Whose debt a line is, where it says so. */
function partyAfter(book: Book, line: Line): string {
  const party = partyOfLine(book, line);
  return party ? `, ${party.name}` : '';
}

/** What made an entry that nobody typed, and the way there. */
function MadeBy({ entry: { document, schedule } }: { readonly entry: Entry }) {
  const { pathname } = useLocation();
  if (document === undefined && schedule === undefined) return null;
  const documents = pathBeside(pathname, 'documents');
  return document === undefined ? (
    <Link to={`${documents}?show=schedules&schedule=${encodeURIComponent(schedule ?? '')}`}>
      made by a schedule
    </Link>
  ) : (
    <Link to={`${documents}?document=${encodeURIComponent(document)}`}>made by a document</Link>
  );
}

function Tools({ entry, entriesMayChange, ...acts }: EntryTools & { readonly entry: Entry }) {
  const isTyped = !isMade(entry);
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
    <span className={styles['tools']}>
      {isTyped && entriesMayChange && tool('Change', acts.onChange)}
      {tool('Duplicate', acts.onDuplicate)}
      <RepeatEntry entry={entry} />
      {tool('Reverse', acts.onReverse)}
      {isTyped && entriesMayChange && tool('Remove', acts.onRemove)}
    </span>
  );
}
