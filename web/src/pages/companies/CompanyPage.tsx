import { useQuery } from '@tanstack/react-query';
import { Navigate, useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { sharedSaid } from '../../platform/sharing/shared-words';
import { ShareWith } from '../../platform/sharing/ShareWith';
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

/** Whoever has it from a colleague does not share it further. */
function ShareCompany({ bookId, name }: { bookId: string; name: string }) {
  const companies = useQuery({ queryKey: ['companies'], queryFn: () => get('companies') });
  const company = companies.data?.find((each) => each.bookId === bookId);
  if (!company) return null;
  if (company.shared !== null) return <span className="quiet">{sharedSaid(company.shared)}</span>;
  return <ShareWith kind="companies" id={company.id} name={name} />;
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
        <ShareCompany bookId={bookId} name={book.company.name} />
        <MakeExercise bookId={bookId} />
      </div>
    </div>
  );
}
