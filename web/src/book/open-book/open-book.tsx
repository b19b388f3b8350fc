import { useQuery } from '@tanstack/react-query';
import { createContext, use, useEffect, useSyncExternalStore, type ReactNode } from 'react';
import { WritesDays } from '../../platform/figures/WritesDays';
import { Asking } from '../../platform/shell/Asking';
import { BrokenBook, isBroken } from './BrokenBook';
import { BookStore, type BookState, type ShownBook } from './book-store';
import { currentBook } from './current-book';

const OpenBookContext = createContext<BookStore | null>(null);

/** Opens a book for the screens below it; all of them see the same book, live. */
export function OpenBook({ id, children }: { id: string; children: ReactNode }) {
  const opened = useQuery({
    queryKey: ['book', id],
    queryFn: () => BookStore.open(id),
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (isBroken(opened.error)) return <BrokenBook id={id} why={opened.error.message} />;
  if (!opened.data) return <Asking of={opened} what="The book" />;
  return (
    <OpenBookContext value={opened.data}>
      <UndoKeys store={opened.data} />
      <Announced store={opened.data} />
      <AsItsPlace>{children}</AsItsPlace>
    </OpenBookContext>
  );
}

const AsItsPlace = ({ children }: { children: ReactNode }) => (
  <WritesDays company={useShownBook().book.company}>{children}</WritesDays>
);

/** Lets the head of the page know which book is open, and hears what others change in it. */
function Announced({ store }: { store: BookStore }) {
  useEffect(() => {
    currentBook.set(store);
    const hangUp = store.listen();
    return () => {
      hangUp();
      currentBook.set(null);
    };
  }, [store]);
  return null;
}

/** In a field with something typed in it, undoing is the field’s own; where all of it is kept, it is the book’s. */
function UndoKeys({ store }: { store: BookStore }) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      const target = event.target as HTMLElement;
      const typing = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
      if (typing && target.value !== '' && target.dataset['kept'] === undefined) return;
      event.preventDefault();
      if (event.shiftKey) store.redo();
      else store.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store]);
  return null;
}

/** The open book's store: how it is changed, undone and redone. */
export function useBookStore(): BookStore {
  const store = use(OpenBookContext);
  if (!store) throw new Error('no book is open here');
  return store;
}

/** The open book, without whether it is being saved: for what is costly to draw. */
export function useShownBook(): ShownBook {
  const store = useBookStore();
  return useSyncExternalStore(store.subscribe, store.bookSnapshot);
}

/** The open book as it stands at this moment. */
export function useOpenBook(): BookState {
  const store = useBookStore();
  return useSyncExternalStore(store.subscribe, store.snapshot);
}
