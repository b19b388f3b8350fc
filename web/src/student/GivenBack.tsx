import { useQuery } from '@tanstack/react-query';
import type { BookAnswer, MyTryDetail } from '@gleddo/contract';
import { bookFromJson, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { get } from '../api/client';
import { OwnMarked } from '../results/OwnMarked';
import { Asking } from '../shell/Asking';
import { WorkTabs } from '../work/WorkView';
import { returnedParts } from './returned-parts';

/** A book from its document, once. */
const useRead = (document: object | null | undefined): Book | null =>
  useMemo(() => {
    const read = document ? bookFromJson(document) : null;
    return read?.ok ? read.value : null;
  }, [document]);

/** The student’s own work, given back, with the notes in its margin. */
export function GivenBack({ mine }: { mine: MyTryDetail }) {
  const answer = useQuery({
    queryKey: ['given-back', mine.bookId],
    queryFn: () => get<BookAnswer>(`books/${mine.bookId}`),
  });
  const work = useRead(answer.data?.book);
  const keyBook = useRead(mine.key);
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
        <WorkTabs base={`/mine/${mine.exerciseId}`} parts={returnedParts(mine)} />
      </div>
      <OwnMarked
        work={work}
        results={mine.results ?? []}
        pairs={mine.pairs ?? []}
        notes={mine.notes ?? []}
        points={mine.points}
        of={mine.of}
        scaledFrom={mine.scaledFrom}
        keyBook={keyBook}
      />
    </>
  );
}
