import { useQuery } from '@tanstack/react-query';
import type { Practice, PracticeCheck } from '@gleddo/contract';
import { Link, Navigate, useParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { GuidedWork } from '../../exercise/guide/GuidedWork';
import { CheckedNow, MarkedNow } from '../../marking/marked-work/CheckedNow';
import { FoundList } from '../../marking/marked-work/FoundList';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { BesideBrief } from '../../book/work/BesideBrief';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { TryTabs, WORK_PARTS } from '../../book/work/WorkView';

const PARTS = [...WORK_PARTS, ['check', 'Check']] as const;

/** An exercise done for oneself: checked at once, as often as one likes, without marks. */
export default function PracticeWork() {
  const { id = '', part = '' } = useParams();
  const practice = useQuery({
    queryKey: ['practice', id],
    queryFn: () => get(`practices/${id}`),
  });
  if (!practice.data) return <Asking of={practice} what="The practice" />;
  return <Work practice={practice.data} part={part} />;
}

function PracticeChecked({ id }: { id: string }) {
  return (
    <CheckedNow ask={() => post(`practices/${id}/check`)} what="What was found">
      {(checked) =>
        checked.described === 'all' ? <MarkedNow {...checked.marks} /> : <SoFar {...checked} />
      }
    </CheckedNow>
  );
}

/** What is told as long as the exercise itself is still to be handed in. */
function SoFar({ points, of, found }: Extract<PracticeCheck, { described: 'so-far' }>) {
  return (
    <main className="desk">
      <section className="paper" aria-label="What was found">
        <h2>
          {points} of {of} points
        </h2>
        <p className="quiet">
          What would be right is told here once you have handed the exercise itself in.
        </p>
        <FoundList found={found} />
      </section>
    </main>
  );
}

function Work({ practice, part }: { practice: Practice; part: string }) {
  const mine = useQuery({
    queryKey: ['mine', practice.exerciseId],
    queryFn: () => get(`my-exercises/${practice.exerciseId}`),
  });
  const base = `/practice/${practice.id}`;
  if (!mine.data) return <Asking of={mine} what="The exercise" />;
  if (!PARTS.some(([known]) => known === part)) return <Navigate to={`${base}/chart`} replace />;
  const { brief, isGuided } = mine.data;
  return (
    <OpenBook id={practice.bookId} key={practice.bookId}>
      <div className="sheet-head">
        <h1 aria-label={practice.title}>
          <Link to="/practice" className="path-link" aria-label="Back to practice" title="Practice">
            ‹
          </Link>{' '}
          {practice.title}
        </h1>
        <TryTabs base={base} parts={PARTS} />
        <div className="actions">
          <BookTools />
          {part !== 'check' && (
            <ButtonLink type="primary" to={`${base}/check`}>
              Check it
            </ButtonLink>
          )}
        </div>
      </div>
      <BookSays />
      {part === 'check' && <PracticeChecked id={practice.id} />}
      {part !== 'check' && isGuided && <GuidedWork {...{ base, part, brief }} />}
      {part !== 'check' && !isGuided && <BesideBrief {...{ brief, part }} />}
    </OpenBook>
  );
}
