import {
  subledgersOf,
  KIND_FACTS,
  stockCourse,
  worthOfDocument,
  type Book,
  type Document,
} from '@gleddo/core';
import { memo, useMemo } from 'react';
import { Link } from 'react-router';
import { useDays } from '../../platform/figures/written-days';
import { LongRows } from '../../platform/figures/LongRows';
import { useDocumentMoney } from '../business/use-document-money';
import { TableHead } from '../../platform/figures/TableHead';
import { RowTools } from '../business/RowTools';

interface DocumentTools {
  readonly mayChange: boolean;
  onChange(document: Document): void;
  onRemove(document: Document): void;
}

interface DocumentListProps extends DocumentTools {
  readonly book: Book;
  /** The one that a link leads to; null: all. */
  readonly wanted: string | null;
}

const ROW_HEIGHT = 27;

/** What happened, newest day first. */
export const DocumentList = memo(function DocumentList(props: DocumentListProps) {
  const { book, wanted, ...tools } = props;
  const { documents } = subledgersOf(book);
  const shown = useMemo(
    () =>
      [...documents]
        .filter(({ id }) => wanted === null || id === wanted)
        .reverse()
        .sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0)),
    [documents, wanted],
  );
  const beyond = useMemo(
    () => new Set(stockCourse(subledgersOf(book)).beyond.map(({ document }) => document)),
    [book],
  );
  if (documents.length === 0)
    return <p className="quiet">Nothing has happened yet. The first document goes above.</p>;
  return (
    <>
      {wanted !== null && (
        <p>
          One of {documents.length} documents. <Link to="?show=papers">Show all</Link>
        </p>
      )}
      <table className="lines-table" aria-label="Documents">
        <TableHead names={['Day', 'What happened', 'With']} figures={['Amount', '']} />
        <LongRows
          of={shown}
          rowHeight={() => ROW_HEIGHT}
          row={(document) => (
            <Row
              key={document.id}
              {...{ book, document, isBeyond: beyond.has(document.id), ...tools }}
            />
          )}
        />
      </table>
    </>
  );
});

interface RowProps extends DocumentTools {
  readonly book: Book;
  readonly document: Document;
  /** More went out than there was. */
  readonly isBeyond: boolean;
}

function Row({ book, document, isBeyond, mayChange, onChange, onRemove }: RowProps) {
  const { longDay } = useDays();
  const money = useDocumentMoney(book);
  const { kind, reference, text, date, party } = document;
  const { name } = KIND_FACTS[kind];
  const whose = subledgersOf(book).parties.find(({ id }) => id === party)?.name ?? '';
  const worth = worthOfDocument(document, subledgersOf(book));
  const label = [name, reference || text || whose].filter(Boolean).join(' ');
  return (
    <tr data-document={document.id}>
      <td className="quiet" style={{ whiteSpace: 'nowrap' }}>
        {longDay(date)}
      </td>
      <td>
        {name} <span className="mark-says">{[reference, text].filter(Boolean).join(' · ')}</span>
        {isBeyond && <div className="notice">More goes out than there is.</div>}
      </td>
      <td>{whose}</td>
      <td className="figure">{worth === 0 ? '' : money(worth)}</td>
      <td className="figure" style={{ whiteSpace: 'nowrap' }}>
        {mayChange && (
          <RowTools
            of={label}
            onChange={() => onChange(document)}
            onRemove={() => onRemove(document)}
          />
        )}
      </td>
    </tr>
  );
}
