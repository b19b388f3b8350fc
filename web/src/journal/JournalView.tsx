import { shownPeriod, spreadFigures, type Book, type Entry } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { useMoney } from '../figures/money';
import { useKept } from '../kept/use-kept';
import { useSteady } from '../kept/use-steady';
import { Refusal } from '../shell/Refusal';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { Page, Spread } from '../spread/Spread';
import {
  draftOf,
  emptyDraft,
  entryFrom,
  readDraft,
  reversalOf,
  type EntryDraft,
} from './entry-draft';
import { EntryEffect } from './EntryEffect';
import { EntryForm } from './EntryForm';
import { EntryList } from './EntryList';

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
  const change = (changed: EntryDraft) => {
    setDraft(changed);
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

/** The journal on the left page; on the right, what the entry being typed does. */
export function JournalView() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  const typed = useTypedEntry(book, answer.id);
  const { draft, read } = typed;
  const [refused, setRefused] = useState<string | null>(null);
  const figures = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  const remove = useSteady((entry: Entry) => {
    const { refusals } = store.change({ kind: 'remove-entry', id: entry.id });
    setRefused(refusals[0]?.says ?? null);
    if (draft.id === entry.id) typed.forget();
  });
  const entry = entryFrom(draft, read);
  const { mayChange, entriesMayChange } = answer;
  return (
    <div className="book-desk">
      <Spread
        className="bare unequal"
        left={
          <Page side="left" title="Journal" when={`${book.entries.length} entries`} bare>
            {mayChange && (
              <EntryForm
                key={draft.id ?? 'new'}
                {...{ book, draft, read, money, isAskedFor: typed.isAskedFor }}
                onChange={typed.change}
                onDone={typed.clear}
              />
            )}
            <Refusal says={refused} />
            <EntryList
              {...{ book, money, edited: draft.id, mayChange, entriesMayChange }}
              onChange={useSteady((of: Entry) => typed.take(draftOf(book, of)))}
              onReverse={useSteady((of: Entry) => typed.take(reversalOf(book, of)))}
              onRemove={remove}
            />
          </Page>
        }
        right={
          <Page side="right" title="What it does" when="before it is recorded" bare>
            <div style={{ paddingTop: 10 }}>
              <EntryEffect
                {...{ book, money, isChange: draft.id !== null, rules: store.rules }}
                entry={typeof entry === 'string' ? null : entry}
              />
            </div>
          </Page>
        }
        leftFoot={<BalanceFoot figures={figures} money={money} />}
        rightFoot={<ProfitFoot scheme={book.scheme} figures={figures} money={money} />}
      />
    </div>
  );
}

const lastDay = (entries: readonly Entry[]): string | null =>
  entries.reduce<string | null>(
    (day, entry) => (day === null || entry.date > day ? entry.date : day),
    null,
  );
