import { shownPeriod, spreadFigures, type Entry } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { useMoney } from '../figures/money';
import { useKept } from '../kept/use-kept';
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

/** The journal on the left page; on the right, what the entry being typed does. */
export function JournalView() {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const money = useMoney(book);
  const first = useMemo(() => emptyDraft(lastDay(book.entries) ?? book.company.firstDay), [book]);
  const [kept, setDraft, clear] = useKept<EntryDraft | null>(`${answer.id}.entry`, null);
  const [refused, setRefused] = useState<string | null>(null);
  const draft = kept ?? first;
  const read = useMemo(() => readDraft(book, draft), [book, draft]);
  const figures = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  const typed = entryFrom(draft, read);
  const remove = (entry: Entry) => {
    const { refusals } = store.change({ kind: 'remove-entry', id: entry.id });
    setRefused(refusals[0]?.says ?? null);
    if (draft.id === entry.id) clear();
  };
  return (
    <div className="book-desk">
      <Spread
        className="bare unequal"
        left={
          <Page side="left" title="Journal" when={`${book.entries.length} entries`} bare>
            {answer.mayChange && (
              <EntryForm
                key={draft.id ?? 'new'}
                book={book}
                draft={draft}
                read={read}
                money={money}
                onChange={setDraft}
                onDone={clear}
              />
            )}
            {refused && (
              <p className="refusal" role="alert">
                {refused}
              </p>
            )}
            <EntryList
              book={book}
              money={money}
              edited={draft.id}
              mayChange={answer.mayChange}
              entriesMayChange={answer.entriesMayChange}
              onChange={(entry) => setDraft(draftOf(book, entry))}
              onReverse={(entry) => setDraft(reversalOf(book, entry))}
              onRemove={remove}
            />
          </Page>
        }
        right={
          <Page side="right" title="What it does" when="before it is recorded" bare>
            <div style={{ paddingTop: 10 }}>
              <EntryEffect
                book={book}
                entry={typeof typed === 'string' ? null : typed}
                isChange={draft.id !== null}
                rules={store.rules}
                money={money}
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
