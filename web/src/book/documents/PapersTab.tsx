import { subledgersOf, recordingOf, type Book, type Document, type Operation } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { useDocumentMoney } from '../business/use-document-money';
import { EntryEffect } from '../journal/EntryEffect';
import { WhenAsked } from '../files/WhenAsked';
import { lazyView } from '../../platform/shell/lazy-view';
import { useKept } from '../../platform/kept/use-kept';
import { useSteady } from '../../platform/kept/use-steady';
import { Refusal } from '../../platform/shell/Refusal';
import {
  documentFrom,
  draftOfDocument,
  emptyDocument,
  type DocumentDraft,
  type DraftChange,
} from '../business/document-draft';
import { DocumentForm } from './DocumentForm';
import { DocumentList } from './DocumentList';
import { TabFrame } from '../business/TabFrame';
import { useChange } from '../open-book/use-change';

const PASTE = lazyView(() => import('./PasteDocuments').then((m) => m.PasteDocuments));

const UNTIL =
  'As soon as a document is whole, this page shows what its entry does: each account before and after, and the profit.';

const lastDay = (book: Book): string =>
  subledgersOf(book).documents.reduce(
    (last, { date }) => (date > last ? date : last),
    book.company.firstDay,
  );

/** The document being typed, kept through a refresh; the next begins with the same kind and day. */
function useTyped(book: Book, bookId: string) {
  const [kept, setDraft, clear] = useKept<DocumentDraft | null>(`${bookId}.document`, null);
  const [isAskedFor, setAskedFor] = useState(false);
  const [lastKind, setLastKind] = useState<DocumentDraft['kind']>('goods-in');
  const blank = emptyDocument(lastDay(book), lastKind);
  const draft = kept ?? blank;
  const change = (changed: DraftChange) => {
    setDraft((now) => changed(now ?? blank));
    setAskedFor(false);
  };
  const take = (taken: DocumentDraft) => {
    setDraft(taken);
    setAskedFor(true);
  };
  const done = () => {
    setLastKind(draft.kind);
    clear();
    setAskedFor(false);
  };
  return { draft, isTyped: kept !== null, change, take, done, isAskedFor };
}

/** What would be recorded, without its words; null while it is not whole. */
function operationOf(book: Book, draft: DocumentDraft): Operation | null {
  const document = documentFrom(book, draft);
  if (typeof document === 'string') return null;
  return recordingOf(book, { ...document, id: draft.id ?? 'typed', text: '', reference: '' });
}

/** The documents of the book: what happened is typed above, what was recorded stands below. */
export function PapersTab() {
  const { book, answer } = useOpenBook();
  const { rules } = useBookStore();
  const money = useDocumentMoney(book);
  const { draft, isTyped, change, take, done, isAskedFor } = useTyped(book, answer.id);
  const operation = useMemo(() => operationOf(book, draft), [book, draft]);
  return (
    <TabFrame
      title="Documents"
      when={counted(subledgersOf(book).documents.length, 'document')}
      rightTitle="What it does"
      right={
        <>
          <EntryEffect {...{ book, operation, rules, until: UNTIL, saysWhy: isTyped }} />
          {answer.mayChange && answer.entriesMayChange && (
            <WhenAsked says="Documents from a spreadsheet" view={PASTE} />
          )}
        </>
      }
    >
      {answer.mayChange && (
        <DocumentForm
          key={draft.id ?? 'new'}
          {...{ book, money, draft, isAskedFor }}
          onChange={change}
          onDone={done}
        />
      )}
      <Recorded onTake={(document) => take(draftOfDocument(book, document))} />
    </TabFrame>
  );
}

/** What was recorded, and what can be done with each. */
function Recorded({ onTake }: { onTake(document: Document): void }) {
  const { book, answer } = useOpenBook();
  const [params] = useSearchParams();
  const { change, refused } = useChange();
  const onChange = useSteady(onTake);
  const onRemove = useSteady(({ id }: Document) => void change({ kind: 'remove-document', id }));
  const mayChange = answer.mayChange && answer.entriesMayChange;
  return (
    <>
      <Refusal says={refused} />
      <DocumentList {...{ book, mayChange, onChange, onRemove, wanted: params.get('document') }} />
    </>
  );
}
