import {
  linesOfStatement,
  marginOf,
  sideBySide,
  type Book,
  type Margin,
  type Period,
  type SideRow,
  type SideSection,
} from '@gleddo/core';
import type { PairShown, ShownResult } from '@gleddo/contract';

export type ShownMargin = Margin<ShownResult>;

export interface MarkedRows {
  readonly sections: readonly SideSection[];
  readonly margin: ShownMargin;
  /** The numbers of the notes about a row, in order. */
  notesOn(row: SideRow): number[];
  /** Whether a fault is about the row's account itself, not only about an entry on it. */
  isFaulty(row: SideRow): boolean;
}

/** The key's book, the student's work, and what was found: laid out row by row. The key may be kept back. */
export function markedRows(
  key: Book | null,
  work: Book,
  pairs: readonly PairShown[],
  results: readonly ShownResult[],
  period: Period,
): MarkedRows {
  const margin = marginOf(results);
  const alone = work.accounts.map(({ id }) => ({ keys: [id], works: [id] }));
  const sections = key
    ? sideBySide(key, work, pairs, period)
    : sideBySide(work, work, alone, period);
  const keyIdsOf = new Map(
    pairs.flatMap((pair) => pair.works.map((id) => [id, pair.keys] as const)),
  );
  const idsOf = (row: SideRow): Set<string> => {
    const own = row.works.flatMap((account) => keyIdsOf.get(account.id) ?? [`work ${account.id}`]);
    return new Set(key ? [...row.keys.map((account) => account.id), ...own] : own);
  };
  const accountsOfEntry = (id: string, of: Book | null): string[] =>
    of?.entries.find((entry) => entry.id === id)?.lines.map((line) => line.account) ?? [];
  const subjectsOf = (fault: ShownResult): string[] => {
    const { kind, id } = fault.subject;
    if (kind === 'account') return fault.check === 'account.leftover' ? [`work ${id}`] : [id];
    if (kind !== 'entry') return [];
    const ofWork = accountsOfEntry(id, work).flatMap(
      (each) => keyIdsOf.get(each) ?? [`work ${each}`],
    );
    return fault.check === 'entry.extra' ? ofWork : accountsOfEntry(id, key);
  };
  const about = margin.faults.map((fault) => new Set(subjectsOf(fault)));
  const touching = (row: SideRow) => {
    const ids = idsOf(row);
    return about.flatMap((subjects, i) => ([...ids].some((id) => subjects.has(id)) ? [i] : []));
  };
  return {
    sections,
    margin,
    notesOn: (row) => touching(row).map((i) => i + 1),
    isFaulty: (row) => touching(row).some((i) => margin.faults[i]?.subject.kind === 'account'),
  };
}

/** The names of the lines of both statements, by their ids. */
export const lineNamesOf = ({ scheme }: Book): ReadonlyMap<string, string> =>
  new Map(
    (['profit-and-loss', 'balance-sheet'] as const)
      .flatMap((statement) => linesOfStatement(scheme, statement))
      .map((line) => [line.id, line.name]),
  );
