import { Navigate, useParams } from 'react-router';
import { OpenBook, useOpenBook } from '../../book/open-book/open-book';
import { MakeExercise } from '../making/MakeExercise';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { KEPT_PARTS, WorkTabs } from '../../book/work/WorkView';
import { KeptBookView } from '../../book/work/KeptBookView';

/** A practice company: profile, chart, opening, journal, statements, live. */
export default function CompanyPage() {
  const { bookId = '', part = '', inner = '' } = useParams();
  const base = `/companies/${bookId}`;
  if (!KEPT_PARTS.some(([known]) => known === part))
    return <Navigate to={`${base}/chart`} replace />;
  return (
    <OpenBook id={bookId} key={bookId}>
      <CompanyHead base={base} bookId={bookId} />
      <BookSays />
      <KeptBookView {...{ base, bookId, part, inner }} />
    </OpenBook>
  );
}

function CompanyHead({ base, bookId }: { base: string; bookId: string }) {
  const { book } = useOpenBook();
  return (
    <div className="sheet-head">
      <h1 className="clipped" title={book.company.name}>
        {book.company.name}
      </h1>
      <WorkTabs base={base} parts={KEPT_PARTS} />
      <div className="actions">
        <BookTools />
        <MakeExercise bookId={bookId} />
      </div>
    </div>
  );
}
