import {
  chartOf,
  NOT_PLACED,
  statementOfClass,
  unfolded,
  type Book,
  type StatementId,
} from '@gleddo/core';
import type { ViewState } from './view-state';

/** A row that can be walked to: an account, or the empty line at the end of a section. */
export const accountRow = (id: string): string => `a:${id}`;
export const emptyRow = (section: string): string => `n:${section}`;

export const accountOfRow = (row: string | null): string | null =>
  row?.startsWith('a:') ? row.slice(2) : null;
export const sectionOfEmptyRow = (row: string | null): string | null =>
  row?.startsWith('n:') ? row.slice(2) : null;

export interface ChartOrder {
  readonly left: readonly string[];
  readonly right: readonly string[];
}

const pageOf = (book: Book, statement: StatementId): string[] =>
  book.scheme.sections
    .filter((section) => statementOfClass(section.class) === statement)
    .map((section) => section.id);

/** The rows of both pages from top to bottom. Retired accounts only when they are shown. */
export function chartOrder(
  book: Book,
  withEmpty: boolean,
  { showsRetired, folded }: Pick<ViewState, 'showsRetired' | 'folded'>,
): ChartOrder {
  const rows = (sections: readonly string[]) =>
    sections.flatMap((section) => [
      ...unfolded(chartOf(book).get(section) ?? [], folded)
        .filter(({ account }) => showsRetired || !account.retired)
        .map(({ account }) => accountRow(account.id)),
      ...(withEmpty && section !== NOT_PLACED ? [emptyRow(section)] : []),
    ]);
  return {
    left: rows([NOT_PLACED, ...pageOf(book, 'balance-sheet')]),
    right: rows(pageOf(book, 'profit-and-loss')),
  };
}

export const hasRetired = (book: Book): boolean =>
  [...chartOf(book).values()].some((rows) => rows.some(({ account }) => account.retired));
