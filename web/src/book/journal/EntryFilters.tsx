import {
  accountLabel,
  addDays,
  addMonths,
  subledgersOf,
  ENTRY_KINDS,
  MADE_BY,
  periodEnds,
  totalOfEntries,
  type Book,
  type Entry,
  type EntryKind,
  type MadeBy,
  type Period,
} from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { useMemo, type ReactNode } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { DaysField } from '../../platform/figures/DaysField';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { KIND_NAMES } from './entry-draft';
import type { useEntriesWanted } from './use-entries-wanted';

interface EntryFiltersProps {
  readonly book: Book;
  readonly money: Money;
  readonly filter: ReturnType<typeof useEntriesWanted>;
  readonly found: readonly Entry[];
  readonly children: ReactNode;
}

const KINDS: { value: EntryKind | ''; label: string }[] = [
  { value: '', label: 'Every kind' },
  ...ENTRY_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] })),
];

/** Which entries are shown, and what they come to. */
export function EntryFilters({ book, money, filter, found, children }: EntryFiltersProps) {
  const { wanted, want, showAll, isEverything } = filter;
  return (
    <div className="list-tools" role="search" aria-label="Entries to look at">
      <Input
        aria-label="Find entries"
        placeholder="Words or amount"
        allowClear
        style={{ width: '10.25rem' }}
        value={wanted.text}
        onChange={(event) => want({ text: event.target.value })}
      />
      <KindAndAccount book={book} filter={filter} />
      <MadeByOrWith book={book} filter={filter} />
      <Days book={book} filter={filter} />
      <span className="quiet" role="status">
        {!isEverything &&
          `${found.length} of ${book.entries.length}, ${money(totalOfEntries(found))}`}
      </span>
      {!isEverything && (
        <Button size="small" type="text" onClick={showAll}>
          Show all
        </Button>
      )}
      <span className="end">{children}</span>
    </div>
  );
}

function KindAndAccount({
  book,
  filter: { wanted, want },
}: Pick<EntryFiltersProps, 'book' | 'filter'>) {
  const accounts = book.accounts.map((each) => ({ value: each.id, label: accountLabel(each) }));
  return (
    <>
      <Select
        aria-label="Kind of entry"
        style={{ width: '6.875rem' }}
        value={wanted.kind ?? ''}
        options={KINDS}
        onChange={(kind: EntryKind | '') => want({ kind: kind || null })}
      />
      <Select
        aria-label="Entries on account"
        style={{ width: '7.75rem' }}
        showSearch={BY_LABEL}
        value={wanted.account ?? ''}
        options={[{ value: '', label: 'Any account' }, ...accounts]}
        onChange={(account: string) => want({ account: account || null })}
      />
    </>
  );
}

/** The periods of the year, each with its first and its last day. */
function periodsOf(
  book: Book,
  says: (period: Period) => string,
): (readonly [string, string, string])[] {
  const ends = periodEnds(book);
  const begins = addMonths(addDays(ends.at(-1) ?? '', 1), -12);
  const year = [begins, ends.at(-1) ?? ''] as const;
  const periods = ends.map((to, i): readonly [string, string, string] => {
    const from = i === 0 ? begins : addDays(ends[i - 1] ?? '', 1);
    return [says({ from, to }), from, to];
  });
  return [['The year', ...year], ...periods];
}

/** From one day to another; the periods of the year are offered. */
function Days({ book, filter: { wanted, want } }: Pick<EntryFiltersProps, 'book' | 'filter'>) {
  const { periodText } = useDays();
  const offered = useMemo(() => periodsOf(book, periodText), [book, periodText]);
  return (
    <DaysField
      label="Entries from day to day"
      {...{ from: wanted.from, to: wanted.to, offered }}
      onChange={(from, to) => want({ from, to })}
    />
  );
}

const BY_WHOM: Readonly<Record<MadeBy, string>> = {
  person: 'Entered by hand',
  document: 'Made by documents',
  schedule: 'Made by schedules',
};

/** What made them, or with whom: asked where a program has made some. */
function MadeByOrWith({
  book,
  filter: { wanted, want },
}: Pick<EntryFiltersProps, 'book' | 'filter'>) {
  const { parties, documents, schedules } = subledgersOf(book);
  if (documents.length + schedules.length === 0) return null;
  const value = wanted.party === null ? (wanted.madeBy ?? '') : `with:${wanted.party}`;
  const choose = (chosen: string) =>
    want(
      chosen.startsWith('with:')
        ? { party: chosen.slice('with:'.length), madeBy: null }
        : { party: null, madeBy: MADE_BY.find((each) => each === chosen) ?? null },
    );
  return (
    <Select
      aria-label="Made by, or with whom"
      style={{ width: '8rem' }}
      popupMatchSelectWidth={false}
      showSearch={BY_LABEL}
      value={value}
      options={[
        { value: '', label: 'By anything' },
        ...MADE_BY.map((each) => ({ value: each, label: BY_WHOM[each] })),
        ...parties.map(({ id, name }) => ({ value: `with:${id}`, label: `With ${name}` })),
      ]}
      onChange={choose}
    />
  );
}
