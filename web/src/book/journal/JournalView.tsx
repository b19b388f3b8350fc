import {
  entriesFound,
  isWanted,
  journalSheet,
  shownPeriod,
  spreadFigures,
  waits,
  type Book,
  type Entry,
  type Operation,
} from '@gleddo/core';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { counted } from '../../platform/figures/counted';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { useMoney } from '../../platform/figures/money';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import { useKept } from '../../platform/kept/use-kept';
import { useSteady } from '../../platform/kept/use-steady';
import { lazyView } from '../../platform/shell/lazy-view';
import { Refusal } from '../../platform/shell/Refusal';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { Page, Spread } from '../spread/Spread';
import {
  draftOf,
  emptyDraft,
  entryFrom,
  readDraft,
  reversalOf,
  type EntryDraft,
  type ReadDraft,
} from './entry-draft';
import { Batch } from './Batch';
import { EntryEffect, WhatTheyDid } from './EntryEffect';
import { EntryFilters } from './EntryFilters';
import { EntryForm } from './EntryForm';
import { EntryList } from './EntryList';
import { OriginalEntry } from './OriginalEntry';
import { WhenAsked } from '../files/WhenAsked';
import { useEntriesWanted } from './use-entries-wanted';

const PASTE = lazyView(() => import('./PasteEntries').then((m) => m.PasteEntries));

/** The entry being typed: kept through a refresh, read as it stands, and where it came from. */
function useTypedEntry(book: Book, bookId: string) {
  const first = useMemo(() => emptyDraft(lastDay(book.entries) ?? book.company.firstDay), [book]);
  const [kept, setDraft, clear] = useKept<EntryDraft | null>(`${bookId}.entry`, null);
  const [isAskedFor, setAskedFor] = useState(false);
  const draft = kept ?? first;
  const read = useMemo(() => readDraft(book, draft), [book, draft]);
  const take = (taken: EntryDraft) => {
    setDraft(taken);
    setAskedFor(true);
  };
  const change = (changed: (now: EntryDraft) => EntryDraft) => {
    setDraft((now) => changed(now ?? first));
    setAskedFor(false);
  };
  const leave = () => {
    clear();
    setAskedFor(false);
    if (draft.id !== null) focusEntry(draft.id);
  };
  return { draft, read, take, change, clear: leave, forget: clear, isAskedFor };
}

/** The focus goes back to the entry that one came from. */
function focusEntry(id: string): void {
  const tool = `[data-entry="${CSS.escape(id)}"] button`;
  requestAnimationFrame(() => document.querySelector<HTMLElement>(tool)?.focus());
}

const howMany = ({ entries }: Book): string => counted(entries.length, 'entry', 'entries');

/** The journal on the left page; on the right, what the entry being typed does. */
export function JournalView() {
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  const typed = useTypedEntry(book, answer.id);
  const { draft, read } = typed;
  const filter = useEntriesWanted();
  const figures = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  return (
    <div className="book-desk">
      <Spread
        names={['Journal', 'What it does']}
        className="bare unequal"
        left={
          <Page side="left" title="Journal" when={howMany(book)} bare>
            {answer.mayChange && (
              <EntryForm
                key={draft.id ?? 'new'}
                {...{ book, draft, read, money, isAskedFor: typed.isAskedFor }}
                onChange={typed.change}
                onDone={typed.clear}
                onRecorded={(entry) => {
                  if (!isWanted(book, entry, filter.wanted)) filter.showAll();
                }}
              />
            )}
            <Entries typed={typed} filter={filter} />
          </Page>
        }
        right={
          <WhatItDoes {...{ book, draft, read }}>
            <Waiting typed={typed} />
            <Recorded filter={filter} />
          </WhatItDoes>
        }
        leftFoot={<BalanceFoot figures={figures} money={money} />}
        rightFoot={<ProfitFoot scheme={book.scheme} figures={figures} money={money} />}
      />
    </div>
  );
}

/** What waits to be posted; one that is changed goes back to the form. */
function Waiting({ typed }: Pick<EntriesProps, 'typed'>) {
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  return (
    <Batch
      {...{ book, money, mayChange: answer.mayChange }}
      onChange={(entry) => typed.take(draftOf(book, entry))}
      onTakenOut={({ id }) => {
        if (typed.draft.id === id) typed.change((now) => ({ ...now, id: null }));
      }}
    />
  );
}

/** While nothing is typed: the journal by kind; of entries that are looked for, what they did. */
function Recorded({ filter }: Pick<EntriesProps, 'filter'>) {
  const { book, answer } = useOpenBook();
  const { wanted, want, isEverything } = filter;
  const later = useDeferredValue(wanted);
  const found = useMemo(
    () => (isEverything ? [] : entriesFound(book, later)),
    [book, later, isEverything],
  );
  if (isEverything)
    return (
      <>
        <OriginalEntry book={book} onChoose={(kind) => want({ kind })} />
        {answer.mayChange && <WhenAsked says="A journal from a spreadsheet" view={PASTE} />}
      </>
    );
  return (
    <>
      <h3>What {found.length === 1 ? 'this entry' : `these ${found.length} entries`} did</h3>
      <WhatTheyDid book={book} entries={found} />
    </>
  );
}

interface EntriesProps {
  readonly typed: ReturnType<typeof useTypedEntry>;
  readonly filter: ReturnType<typeof useEntriesWanted>;
}

/** What has been recorded, and what can be done with each. */
function Entries({ typed, filter }: EntriesProps) {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [refused, setRefused] = useState<string | null>(null);
  const { mayChange, entriesMayChange } = answer;
  const onChange = useSteady((entry: Entry) => typed.take(draftOf(book, entry)));
  const onDuplicate = useSteady((entry: Entry) =>
    typed.take({ ...draftOf(book, entry), id: null }),
  );
  const onReverse = useSteady((entry: Entry) => typed.take(reversalOf(book, entry)));
  const onRemove = useSteady((entry: Entry) => {
    const { refusals } = store.change({ kind: 'remove-entry', id: entry.id });
    setRefused(refusals[0]?.says ?? null);
    if (typed.draft.id === entry.id) typed.forget();
  });
  const money = useMoney(book);
  const shown = useMemo(() => entriesFound(book, filter.wanted), [book, filter.wanted]);
  return (
    <>
      <EntryFilters {...{ book, money, filter }} found={shown}>
        <SheetsOnRequest make={() => [journalSheet(book, shown)]} name="journal" />
      </EntryFilters>
      <Refusal says={refused} />
      <EntryList
        {...{ book, shown, money, mayChange, entriesMayChange }}
        {...{ onChange, onDuplicate, onReverse, onRemove }}
        edited={typed.draft.id}
      />
    </>
  );
}

interface WhatItDoesProps {
  readonly book: Book;
  readonly draft: EntryDraft;
  readonly read: ReadDraft;
  /** What stands below while nothing is typed. */
  readonly children: ReactNode;
}

const UNTIL_BALANCED =
  'As soon as an entry is in balance, this page shows what it does: each account before and after, and the profit.';

/** What would be recorded, without its words; null while it is not an entry yet. */
function operationOf(book: Book, draft: EntryDraft, read: ReadDraft): Operation | null {
  const entry = entryFrom(draft, read);
  if (typeof entry === 'string' || entry.lines.length < 2) return null;
  const isNew = draft.id === null || waits(book, draft.id);
  const kind = isNew ? 'record-entry' : 'change-entry';
  // The id of one that is not recorded yet is drawn anew each time.
  return { kind, entry: { ...entry, id: draft.id ?? 'typed', text: '', reference: '' } };
}

function WhatItDoes({ book, draft, read, children }: WhatItDoesProps) {
  const { rules } = useBookStore();
  const operation = operationOf(book, draft, read);
  return (
    <Page side="right" title="What it does" when="before it is recorded" bare>
      <div style={{ paddingTop: '0.625rem' }}>
        <EntryEffect {...{ book, rules, until: UNTIL_BALANCED }} operation={operation} />
        {operation === null && children}
      </div>
    </Page>
  );
}

const lastDay = (entries: readonly Entry[]): string | null =>
  entries.reduce<string | null>(
    (day, entry) => (day === null || entry.date > day ? entry.date : day),
    null,
  );
