import type { Marked } from '@gleddo/contract';
import { useMemo } from 'react';
import { moneyOf } from '../../platform/figures/money';
import { comparedPeriod } from '../marks/compared-period';
import { useBooksOf } from '../marks/marked-books';
import { markedRows } from '../marks/marked-rows';
import type { MarkedView } from '../marks/MarkedBar';

/** How a marked work is shown when one comes. */
export const FIRST_VIEW: MarkedView = { part: 'statements', shown: 'both', onlyDiffering: false };

/** The rows of both pages, from the books and what was found in them. */
export function useMarkedRows(marked: Marked) {
  const { pairs, results } = marked;
  const { key, work } = useBooksOf(marked);
  const period = useMemo(() => comparedPeriod(results, work), [results, work]);
  const rows = useMemo(
    () => markedRows({ key, work, pairs, results, period }),
    [key, work, pairs, results, period],
  );
  const money = useMemo(() => moneyOf(key, work), [key, work]);
  return { keyBook: key, work, period, rows, money };
}
