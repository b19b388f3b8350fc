import {
  ALL_ACCOUNTS,
  listAccounts,
  type Account,
  type Book,
  type ListWanted,
  type Origin,
} from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBookStore } from '../open-book/open-book';

/** The chart as a list: what is asked of it, and the accounts that answer. Null while the spread is open. */
export interface ChartList {
  readonly wanted: ListWanted;
  readonly accounts: readonly Account[];
  want(changed: Partial<ListWanted>): void;
}

const USUAL: ListWanted = { ...ALL_ACCOUNTS, use: 'in-use' };

/** Whether the chart is shown as a list stands in the address; what is asked of the list is kept beside. */
export function useChartList(
  book: Book,
  origins: ReadonlyMap<string, Origin> | null,
): ChartList | null {
  const store = useBookStore();
  const [params] = useSearchParams();
  const [wanted, setWanted] = useState(USUAL);
  const isList = params.get('view') === 'list';
  const accounts = useMemo(
    () => (isList ? listAccounts(book, wanted, { origins, formerNames: store.formerNames() }) : []),
    [isList, book, wanted, origins, store],
  );
  const want = (changed: Partial<ListWanted>) => setWanted({ ...wanted, ...changed });
  return isList ? { wanted, accounts, want } : null;
}
