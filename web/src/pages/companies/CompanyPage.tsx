import { useQuery } from '@tanstack/react-query';
import { Navigate, useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { sharedSaid } from '../../platform/sharing/shared-words';
import { WhoIsHere } from '../../platform/presence/WhoIsHere';
import { ShareWith } from '../../platform/sharing/ShareWith';
import { OpenBook, useOpenBook } from '../../book/open-book/open-book';
import { CompanyOrigin } from './CompanyOrigin';
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
      <CompanyHead {...{ base, bookId, part }} />
      <BookSays />
      <KeptBookView {...{ base, bookId, part, inner }} />
    </OpenBook>
  );
}

interface ShareCompanyProps {
  readonly bookId: string;
  readonly name: string;
  readonly part: string;
}

const PARTS: ReadonlyMap<string, string> = new Map(KEPT_PARTS);

/** Who else has it open; whoever has it from a colleague does not share it further. */
function ShareCompany({ bookId, name, part }: ShareCompanyProps) {
  const companies = useQuery({ queryKey: ['companies'], queryFn: () => get('companies') });
  const company = companies.data?.find((each) => each.bookId === bookId);
  if (!company) return null;
  return (
    <>
      <WhoIsHere {...{ kind: 'companies', id: company.id, page: part, pages: PARTS }} />
      {company.isCopy && company.shared?.how !== 'look' && <CompanyOrigin id={company.id} />}
      {company.shared === null ? (
        <ShareWith kind="companies" id={company.id} name={name} />
      ) : (
        <span className="quiet">{sharedSaid(company.shared)}</span>
      )}
    </>
  );
}

interface CompanyHeadProps {
  readonly base: string;
  readonly bookId: string;
  readonly part: string;
}

function CompanyHead({ base, bookId, part }: CompanyHeadProps) {
  const { book } = useOpenBook();
  return (
    <div className="sheet-head">
      <h1 className="clipped" title={book.company.name}>
        {book.company.name}
      </h1>
      <WorkTabs base={base} parts={KEPT_PARTS} />
      <div className="actions">
        <BookTools />
        <ShareCompany {...{ bookId, part }} name={book.company.name} />
        <MakeExercise bookId={bookId} />
      </div>
    </div>
  );
}
