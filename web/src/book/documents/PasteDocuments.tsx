import {
  assignmentFirst,
  documentsInTable,
  KIND_FACTS,
  shortDay,
  subledgersOf,
  worthOfDocument,
  writingOf,
  type Book,
  type Document,
} from '@gleddo/core';
import { nanoid } from 'nanoid';
import { useCallback } from 'react';
import { exactMoney } from '../../platform/figures/money';
import { counted } from '../../platform/figures/counted';
import { SeveralAtOnce } from '../files/SeveralAtOnce';
import type { Cells } from '../files/use-table-file';
import { useOpenBook } from '../open-book/open-book';

const newId = () => `d-${nanoid(10)}`;

const SAYS =
  'As copied from a spreadsheet, one line of a document a row, under the headings Date, Kind, Reference, Party, Item or account, Quantity, Price, Amount, in any order. The kinds are called as above. A payment may say under Settles whose invoice it pays, a line under Tax code with which tax it is.';

interface Pasted {
  readonly name: string;
  readonly document: Document;
}

function readIn(book: Book, cells: Cells) {
  const { documents, faults } = documentsInTable(book, cells, { newId });
  return {
    faults,
    things: documents.map(({ row, document }) => ({
      ...{ row, isNew: true },
      thing: {
        name: `${shortDay(document.date, writingOf(book.company).days)} ${KIND_FACTS[document.kind].name} ${document.reference}`.trim(),
        document,
      },
    })),
  };
}

/** Documents from a spreadsheet or a file: what was understood is seen before it is recorded. */
export function PasteDocuments() {
  const { book } = useOpenBook();
  const money = exactMoney(book);
  const read = useCallback((cells: Cells) => readIn(book, cells), [book]);
  const partyOf = (id: string | null) =>
    subledgersOf(book).parties.find((each) => each.id === id)?.name ?? '';
  const said = ({ document }: Pasted) => {
    const { lines, amount, kind } = document;
    const worth =
      amount ?? (KIND_FACTS[kind].priced ? worthOfDocument(document, subledgersOf(book)) : 0);
    return [
      partyOf(document.party),
      ...(lines.length > 0 ? [counted(lines.length, 'line')] : []),
      ...(worth === 0 ? [] : [money(worth)]),
    ]
      .filter(Boolean)
      .join(', ');
  };
  return (
    <SeveralAtOnce<Pasted>
      name="documents"
      noun={['document', 'documents']}
      says={SAYS}
      read={read}
      first={assignmentFirst(book)}
      put={({ document }) => ({ kind: 'put-document', document })}
      understood={said}
    />
  );
}
