import { Navigate, useParams } from 'react-router';
import { OpenBook, useOpenBook } from '../book/open-book';
import { MakeExercise } from '../exercises/MakeExercise';
import { BookSays, BookTools } from '../work/BookTools';
import { WORK_PARTS, WorkTabs, WorkView } from '../work/WorkView';
import { ProfileView } from './ProfileView';

/** A practice company: profile, chart, opening, journal, statements, live. */
export default function CompanyPage() {
  const { bookId = '', tab = '', part = '' } = useParams();
  const known = tab === 'profile' || WORK_PARTS.some(([part]) => part === tab);
  if (!known) return <Navigate to={`/companies/${bookId}/chart`} replace />;
  return (
    <OpenBook id={bookId} key={bookId}>
      <CompanyHead bookId={bookId} />
      <BookSays />
      {tab === 'profile' ? <ProfileView bookId={bookId} part={part} /> : <WorkView part={tab} />}
    </OpenBook>
  );
}

function CompanyHead({ bookId }: { bookId: string }) {
  const { book } = useOpenBook();
  return (
    <div className="sheet-head">
      <h1 className="clipped" title={book.company.name}>
        {book.company.name}
      </h1>
      <WorkTabs base={`/companies/${bookId}`} more={[['profile', 'Profile']]} />
      <div className="actions">
        <BookTools />
        <MakeExercise bookId={bookId} />
      </div>
    </div>
  );
}
