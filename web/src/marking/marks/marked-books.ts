import type { Marked } from '@gleddo/contract';
import {
  bookFromJson,
  keyOf,
  workFromTable,
  type Book,
  type Columns,
  type TableChoice,
} from '@gleddo/core';
import { useMemo } from 'react';
import { comparedPeriod } from './compared-period';

function read(document: object): Book {
  const book = bookFromJson(document);
  if (!book.ok) throw new Error(book.refusals[0]?.says);
  return book.value;
}

/** The book of a work: what its table says, where it came as one. */
function workOf(marked: Marked, key: Book): Book {
  const table = marked.file?.table;
  if (!table) return read(marked.work);
  const at = comparedPeriod(marked.results, key).to;
  const asked = keyOf(key, { statementDates: [{ statement: 'balance-sheet', at }] });
  const { columns, sign } = table;
  const choice: TableChoice = {
    ...(columns ? { columns: columns as Columns } : {}),
    ...(sign ? { sign } : {}),
  };
  const made = workFromTable(asked, table.cells, choice);
  return made.ok ? made.value.book : read(marked.work);
}

/** The key and the work of a marked try, as books. */
interface MarkedBooks {
  readonly key: Book;
  readonly work: Book;
}

export function booksOf(marked: Marked): MarkedBooks {
  const key = read(marked.key);
  return { key, work: workOf(marked, key) };
}

export function useBooksOf(marked: Marked): MarkedBooks {
  const key = useMemo(() => read(marked.key), [marked.key]);
  const work = useMemo(() => workOf(marked, key), [marked, key]);
  return { key, work };
}
