import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { Me, MyTryDetail } from '@gleddo/contract';
import { bookFromJson, type Book } from '@gleddo/core';
import { useMemo, type ReactNode } from 'react';
import { get } from '../../platform/api/client';
import { AskAtNote, SaidOtherwise, useSeenHere } from '../../exercise/words/AskAtNote';
import { useWords } from '../../exercise/words/use-words';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { comparedPeriod } from '../../marking/marks/compared-period';
import { markPaper } from '../../marking/class-results/mark-paper';
import { markedRows } from '../../marking/marks/marked-rows';
import { OwnMarked } from '../../marking/marked-work/OwnMarked';
import { Asking } from '../../platform/shell/Asking';
import { WorkTabs } from '../../book/work/WorkView';
import { ExerciseTitle } from '../put-right/ExerciseTitle';
import { returnedParts } from '../put-right/returned-parts';

interface OwnPaperOf {
  readonly mine: MyTryDetail;
  readonly work: Book;
  readonly keyBook: Book | null;
  readonly student: string;
}

/** The work on paper, as far as it was given back. */
function ownPaper({ mine, ...books }: OwnPaperOf) {
  const { results, pairs, notes, points, of, title } = mine;
  const period = comparedPeriod(results ?? [], books.work);
  const found = { pairs: pairs ?? [], results: results ?? [], period };
  const rows = markedRows({ key: books.keyBook, work: books.work, ...found });
  return markPaper({ ...books, exercise: title, points, of, period, rows, notes: notes ?? [] });
}

/** A book from its document, once. */
const useRead = (document: object | null | undefined): Book | null =>
  useMemo(() => {
    const read = document ? bookFromJson(document) : null;
    return read?.ok ? read.value : null;
  }, [document]);

interface GivenBackProps {
  readonly mine: MyTryDetail;
  /** A try before the one that there is now: it is only looked at. */
  readonly isEarlier?: boolean;
  readonly children?: ReactNode;
}

/** The student’s own work, given back, with the notes in its margin. */
export function GivenBack({ mine, isEarlier = false, children }: GivenBackProps) {
  const answer = useQuery({
    queryKey: ['given-back', mine.bookId],
    queryFn: () => get(`books/${mine.bookId}`),
  });
  const words = useWords(mine.exerciseId);
  useSeenHere(mine.exerciseId, words);
  const work = useRead(answer.data?.book);
  const keyBook = useRead(mine.key);
  const me = useQueryClient().getQueryData<Me>(['me']);
  if (!work) return <Asking of={answer} what="The work" />;
  return (
    <>
      <Head mine={mine} isEarlier={isEarlier}>
        <SheetsOnRequest
          name={mine.title}
          make={() => ownPaper({ mine, work, keyBook, student: me?.name ?? '' })}
        />
      </Head>
      {children}
      <OwnMarked
        work={work}
        results={mine.results ?? []}
        pairs={mine.pairs ?? []}
        notes={mine.notes ?? []}
        points={mine.points}
        of={mine.of}
        scaledFrom={mine.scaledFrom}
        keyBook={keyBook}
        toolsAt={(fault) =>
          isEarlier ? null : <AskAtNote exerciseId={mine.exerciseId} {...{ fault, words }} />
        }
      >
        {!isEarlier && <SaidOtherwise words={words} results={mine.results ?? []} />}
      </OwnMarked>
    </>
  );
}

const Head = ({ mine, isEarlier, children }: Required<GivenBackProps>) => (
  <div className="sheet-head">
    <ExerciseTitle of={mine} />
    {!isEarlier && <WorkTabs base={`/mine/${mine.exerciseId}`} parts={returnedParts(mine)} />}
    <div className="actions">{children}</div>
  </div>
);
