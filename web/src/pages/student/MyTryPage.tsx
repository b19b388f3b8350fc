import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { Suspense } from 'react';
import { Navigate, useParams } from 'react-router';
import { untilThere } from '../../platform/api/try-again';
import { get, post } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';
import { BeginPaper } from '../../book/work/BeginPaper';
import { BesideBrief } from '../../book/work/BesideBrief';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { lazyView } from '../../platform/shell/lazy-view';
import { TRY_PARTS, TryTabs } from '../../book/work/WorkView';
import { ExerciseTitle } from '../put-right/ExerciseTitle';
import { HandIn } from './HandIn';
import { InterimCheck } from './InterimCheck';
import { returnedParts } from '../put-right/returned-parts';

const GIVEN_BACK = lazyView(() => import('./GivenBack').then((m) => m.GivenBack));
const GUIDED = lazyView(() => import('../../exercise/guide/GuidedWork').then((m) => m.GuidedWork));
const HAND_IN_FILE = lazyView(() => import('./HandInFile').then((m) => m.HandInFile));
const PUT_RIGHT = lazyView(() => import('../put-right/PutRight').then((m) => m.PutRight));

/** A student's own try: the brief, the work beside it, and the work when it comes back. */
export default function MyTryPage() {
  const { id = '', tab, part = '' } = useParams();
  const mine = useQuery({
    queryKey: ['mine', id],
    queryFn: () => get(`my-exercises/${id}`),
    staleTime: 0,
  });
  if (!mine.data) return <Asking of={mine} what="The exercise" />;
  const { state, bookId } = mine.data;
  if (state === 'not-started' || bookId === null) return <Begin mine={mine.data} />;
  if (tab === undefined) {
    const first = state === 'given-back' ? 'given-back' : 'chart';
    return <Navigate to={`/mine/${id}/${first}`} replace />;
  }
  if (tab === 'given-back' && state === 'given-back')
    return (
      <Suspense fallback={<div className="desk" aria-busy="true" />}>
        <GIVEN_BACK.View mine={mine.data} />
      </Suspense>
    );
  if (tab === 'put-right' && mine.data.shows?.copy)
    return (
      <Suspense fallback={<div className="desk" aria-busy="true" />}>
        <PUT_RIGHT.View mine={mine.data} part={part} />
      </Suspense>
    );
  return <Work mine={mine.data} bookId={bookId} tab={tab} />;
}

function Begin({ mine }: { mine: MyTryDetail }) {
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: () => post(`my-exercises/${mine.exerciseId}/begin`),
    retry: untilThere,
    onSuccess: (begun) => queries.setQueryData(['mine', mine.exerciseId], begun),
  });
  return (
    <>
      <div className="sheet-head">
        <ExerciseTitle of={mine} />
      </div>
      <BeginPaper
        brief={mine.brief}
        says="You get a book of your own. It is saved as you go; hand it in when you are ready."
        begin={begin}
        {...(mine.mayFile ? { besides: <EquivalentEntries mine={mine} /> } : {})}
      />
    </>
  );
}

function Work({ mine, bookId, tab }: { mine: MyTryDetail; bookId: string; tab: string }) {
  const base = `/mine/${mine.exerciseId}`;
  if (!TRY_PARTS.some(([part]) => part === tab)) return <Navigate to={`${base}/chart`} replace />;
  const parts = mine.state === 'given-back' ? returnedParts(mine) : TRY_PARTS;
  return (
    <OpenBook id={bookId} key={`${bookId} ${mine.state}`}>
      <div className="sheet-head">
        <ExerciseTitle of={mine} />
        <TryTabs base={base} parts={parts} />
        <div className="actions">
          <BookTools />
          {mine.state === 'working' ? (
            <>
              {mine.checkWhileWorking && (
                <InterimCheck exerciseId={mine.exerciseId} asks={mine.asks} />
              )}
              {mine.mayFile && <EquivalentEntries mine={mine} />}
              <HandIn mine={mine} />
            </>
          ) : (
            <span className="quiet">
              {mine.handedInAt && `Handed in ${momentText(mine.handedInAt)}`}
            </span>
          )}
        </div>
      </div>
      <BookSays />
      <WorkOf base={base} mine={mine} part={tab} />
    </OpenBook>
  );
}

/** Led through by its steps where it has any; else beside its brief. */
const WorkOf = ({ base, mine, part }: { base: string; mine: MyTryDetail; part: string }) =>
  mine.isGuided ? (
    <Suspense fallback={<div className="desk" aria-busy="true" />}>
      <GUIDED.View base={base} part={part} brief={mine.brief} />
    </Suspense>
  ) : (
    <BesideBrief brief={mine.brief} part={part} />
  );

/** What reads files is fetched only where one may be handed in. */
const EquivalentEntries = ({ mine }: { mine: MyTryDetail }) => (
  <Suspense fallback={null}>
    <HAND_IN_FILE.View mine={mine} />
  </Suspense>
);
