import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useParams } from 'react-router';
import { get } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { WORK_PARTS, WorkTabs, WorkView } from '../../book/work/WorkView';

/** A student's book as it stands, to be looked at: while it is worked on, or while it waits to be checked. */
export default function WorkBookPage() {
  const { id = '', bookId = '', part = '' } = useParams();
  const base = `/results/${id}/book/${bookId}`;
  const results = useQuery({
    queryKey: ['results', id],
    queryFn: () => get(`exercises/${id}/results`),
  });
  if (!WORK_PARTS.some(([known]) => known === part))
    return <Navigate to={`${base}/chart`} replace />;
  const student = results.data?.rows.find((row) => row.bookId === bookId)?.student;
  return (
    <>
      <div className="sheet-head">
        <h1>
          <Link to={`/results/${id}?by=student`} className="path-link">
            {results.data?.title ?? 'Results'}
          </Link>{' '}
          › {student ?? 'A student’s book'}
        </h1>
        <WorkTabs base={base} />
      </div>
      <OpenBook id={bookId} key={bookId}>
        <WorkView part={part} />
      </OpenBook>
    </>
  );
}
