import {
  entriesInTable,
  postsInBatches,
  shortDay,
  type Book,
  type Entry,
  writingOf,
} from '@gleddo/core';
import { nanoid } from 'nanoid';
import { useCallback } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { exactMoney } from '../../platform/figures/money';
import { SeveralAtOnce } from '../files/SeveralAtOnce';
import type { Cells } from '../files/use-table-file';

const newId = () => `e-${nanoid(10)}`;

const SAYS =
  'As copied from a spreadsheet, one line of an entry a row: day, reference, text, account (its number or its name), debit, credit. Or one entry a row, with the account to debit, the account to credit and an amount. With headings, in any order.';

interface Pasted {
  readonly name: string;
  readonly entry: Entry;
}

function readIn(book: Book, cells: Cells) {
  const { entries, faults } = entriesInTable(book, cells, { newId });
  return {
    faults,
    things: entries.map(({ row, entry }) => ({
      ...{ row, isNew: true },
      thing: {
        name: `${shortDay(entry.date, writingOf(book.company).days)} ${entry.reference} ${entry.text}`.trim(),
        entry,
      },
    })),
  };
}

/** A journal from a spreadsheet or a file: what was understood is seen before it is recorded. */
export function PasteEntries() {
  const { book } = useOpenBook();
  const money = exactMoney(book);
  // Read again only where the book or what is pasted changes, not with each letter beside it.
  const read = useCallback((cells: Cells) => readIn(book, cells), [book]);
  const nameOf = (id: string) => book.accounts.find((each) => each.id === id)?.name ?? id;
  const sideOf = ({ entry }: Pasted, sign: 1 | -1) =>
    entry.lines
      .filter(({ amount }) => sign * amount > 0)
      .map(({ account, amount }) => `${nameOf(account)} ${money(Math.abs(amount))}`)
      .join(', ');
  return (
    <SeveralAtOnce<Pasted>
      name="entries"
      noun={['entry', 'entries']}
      says={SAYS}
      read={read}
      put={({ entry }) =>
        postsInBatches(book) ? { kind: 'put-waiting', entry } : { kind: 'record-entry', entry }
      }
      understood={(pasted) => `${sideOf(pasted, 1)} to ${sideOf(pasted, -1)}`}
    />
  );
}
