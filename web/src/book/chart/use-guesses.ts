import { guessesIn, type Account } from '@gleddo/core';
import { useMemo } from 'react';
import { useDesk } from '../chart-state/chart-desk';

/** The accounts whose type is a guess, where somebody is asked what it is. */
export function useGuesses(): readonly Account[] {
  const { book, mayChange, keptBack } = useDesk();
  const isAsked = mayChange && !keptBack.has('types');
  return useMemo(() => (isAsked ? guessesIn(book) : []), [book, isAsked]);
}
