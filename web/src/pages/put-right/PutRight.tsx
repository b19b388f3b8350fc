import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail } from '@gleddo/contract';
import { Button } from 'antd';
import { Navigate } from 'react-router';
import { post } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { Refusal } from '../../platform/shell/Refusal';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { TryTabs, WORK_PARTS, WorkTabs } from '../../book/work/WorkView';
import { WorkBeside } from '../../book/work/WorkBeside';
import { ExerciseTitle } from './ExerciseTitle';
import { returnedParts } from './returned-parts';
import { NotesToPutRight } from './NotesToPutRight';

interface PutRightProps {
  readonly mine: MyTryDetail;
  readonly part: string;
}

/** A work that was given back is put right in a copy: the notes beside it, each ticked off as soon as it is met. */
export function PutRight({ mine, part }: PutRightProps) {
  const base = `/mine/${mine.exerciseId}/put-right`;
  const { copyBookId } = mine;
  const isKnown = WORK_PARTS.some(([known]) => known === part);
  if (copyBookId !== null && !isKnown) return <Navigate to={`${base}/chart`} replace />;
  return (
    <>
      <div className="sheet-head">
        <ExerciseTitle of={mine} />
        <WorkTabs base={`/mine/${mine.exerciseId}`} parts={returnedParts(mine).slice(0, 2)} />
      </div>
      {copyBookId === null ? (
        <BeginCopy mine={mine} />
      ) : (
        <OpenBook id={copyBookId} key={copyBookId}>
          <Copy {...{ mine, base, part }} />
        </OpenBook>
      )}
    </>
  );
}

function Copy({ mine, base, part }: PutRightProps & { readonly base: string }) {
  return (
    <>
      <div className="sub-head">
        <TryTabs base={base} />
        <span className="mark-says">A copy: it changes no marks.</span>
        <div className="actions">
          <BookTools />
        </div>
      </div>
      <BookSays />
      <WorkBeside label="What is to be put right" part={part}>
        <NotesToPutRight mine={mine} base={base} />
      </WorkBeside>
    </>
  );
}

function BeginCopy({ mine }: { mine: MyTryDetail }) {
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: () => post(`my-exercises/${mine.exerciseId}/copy`),
    onSuccess: (begun) => queries.setQueryData(['mine', mine.exerciseId], begun),
  });
  return (
    <main className="desk">
      <section className="paper narrow">
        <h2>Put it right</h2>
        <p>
          You get a copy of your work. The notes lie beside it, one after the other, and each is
          ticked off as soon as it is put right. What you handed in, and its marks, stay as they
          are.
        </p>
        <div className="slip-actions">
          <Button type="primary" loading={begin.isPending} onClick={() => begin.mutate()}>
            Begin
          </Button>
        </div>
        <Refusal of={begin} />
      </section>
    </main>
  );
}
