import type { BookStore } from './book-store';

let current: BookStore | null = null;
const listeners = new Set<() => void>();

/** The book that is open at this moment, for the head of the page, which stands above it. */
export const currentBook = {
  get: (): BookStore | null => current,
  set(store: BookStore | null): void {
    current = store;
    for (const listener of listeners) listener();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
