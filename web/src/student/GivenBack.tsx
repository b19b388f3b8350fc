import { useQuery } from '@tanstack/react-query';
import type { BookAnswer, MyTryDetail } from '@gleddo/contract';
import { bookFromJson } from '@gleddo/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { get } from '../api/client';
import { OwnMarked } from '../results/OwnMarked';
import { Asking } from '../shell/Asking';
import { RETURNED_PARTS, WorkTabs } from '../work/WorkView';

/** The student's own work, given back, with the notes in its margin. */
export function GivenBack({ mine }: { mine: MyTryDetail }) {
  const answer = useQuery({
    queryKey: ['given-back', mine.bookId],
    queryFn: () => get<BookAnswer>(`books/${mine.bookId}`),
  });
  const document = answer.data?.book;
  const work = useMemo(() => {
    const read = document ? bookFromJson(document) : null;
    return read?.ok ? read.value : null;
  }, [document]);
  if (!work) return <Asking of={answer} what="The work" />;
  return (
    <>
      <div className="sheet-head">
        <h1>
          <Link
            to="/mine"
            className="path-link"
            aria-label="Back to my exercises"
            title="My exercises"
          >
            ‹
          </Link>{' '}
          {mine.title}
        </h1>
        <WorkTabs base={`/mine/${mine.exerciseId}`} parts={RETURNED_PARTS} />
      </div>
      <OwnMarked
        work={work}
        results={mine.results ?? []}
        pairs={mine.pairs ?? []}
        notes={mine.notes ?? []}
        points={mine.points ?? 0}
        of={mine.of ?? 0}
      />
    </>
  );
}
