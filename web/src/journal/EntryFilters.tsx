import {
  accountLabel,
  dealingsOf,
  ENTRY_KINDS,
  MADE_BY,
  totalOfEntries,
  type Book,
  type Entry,
  type EntryKind,
  type MadeBy,
} from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import type { ReactNode } from 'react';
import { BY_LABEL } from '../figures/by-label';
import type { Money } from '../figures/money';
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
        style={{ width: 164 }}
        value={wanted.text}
        onChange={(event) => want({ text: event.target.value })}
      />
      <KindAndAccount book={book} filter={filter} />
      <MadeByOrWith book={book} filter={filter} />
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
        style={{ width: 110 }}
        value={wanted.kind ?? ''}
        options={KINDS}
        onChange={(kind: EntryKind | '') => want({ kind: kind || null })}
      />
      <Select
        aria-label="Entries on account"
        style={{ width: 124 }}
        showSearch={BY_LABEL}
        value={wanted.account ?? ''}
        options={[{ value: '', label: 'Any account' }, ...accounts]}
        onChange={(account: string) => want({ account: account || null })}
      />
    </>
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
  const { parties, documents, schedules } = dealingsOf(book);
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
      style={{ width: 128 }}
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
