import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

let isPrinting = false;

function listen(told: () => void): () => void {
  const set = (now: boolean) => () => {
    isPrinting = now;
    flushSync(told);
  };
  const [begin, end] = [set(true), set(false)];
  window.addEventListener('beforeprint', begin);
  window.addEventListener('afterprint', end);
  return () => {
    window.removeEventListener('beforeprint', begin);
    window.removeEventListener('afterprint', end);
  };
}

/** Whether the page is being put on paper, on which all of it stands. */
export const usePrinting = (): boolean => useSyncExternalStore(listen, () => isPrinting);
