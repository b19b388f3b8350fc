import { guessesIn, type Account } from '@gleddo/core';
import { useMemo } from 'react';
import { useChartState } from '../chart-state/chart-state';

/** The accounts whose type is a guess, where somebody is asked what it is. */
export function useGuesses(): readonly Account[] {
  const { book, mayChange, withheld } = useChartState();
  const isAsked = mayChange && !withheld.has('types');
  return useMemo(() => (isAsked ? guessesIn(book) : []), [book, isAsked]);
}
