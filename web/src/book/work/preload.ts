import { useEffect } from 'react';

const WHEN_IDLE = 300;

/** While nothing else is to do: fetches the pages on which books are opened, so that they open at once. */
export function usePreloadedWork(page: () => Promise<unknown>): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      void page();
      void import('./WorkView').then(({ chartAhead }) => chartAhead());
    }, WHEN_IDLE);
    return () => clearTimeout(timer);
  }, [page]);
}
