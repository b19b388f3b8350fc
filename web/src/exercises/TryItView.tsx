import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, Rehearsal, RehearsalMarks } from '@gleddo/contract';
import { Button, Popconfirm } from 'antd';
import { useEffect } from 'react';
import { Navigate } from 'react-router';
import { get, post } from '../api/client';
import { OpenBook, useOpenBook } from '../book/open-book';
import { OwnMarked } from '../results/OwnMarked';
import { Asking } from '../shell/Asking';
import { BeginPaper } from '../work/BeginPaper';
import { BesideBrief } from '../work/BesideBrief';
import { BookSays, BookTools } from '../work/BookTools';
import { WORK_PARTS, TryTabs } from '../work/WorkView';

const BEGINNING =
  'You get a book from the starting point, with the help that students have, and marks at any moment. It counts nowhere; nobody else sees it.';

const PARTS = [...WORK_PARTS, ['marks', 'Marks']] as const;

interface TryItProps {
  readonly exercise: ExerciseAnswer;
  readonly part: string;
}

/** The exercise as a student has it, to be tried by the instructor: it counts nowhere. */
export function TryItView({ exercise, part }: TryItProps) {
  const path = `exercises/${exercise.id}/rehearsal`;
  const queries = useQueryClient();
  const queryKey = ['rehearsal', exercise.id];
  const rehearsal = useQuery({ queryKey, queryFn: () => get<Rehearsal>(path), staleTime: 0 });
  const begin = useMutation({
    mutationFn: () => post<Rehearsal>(`${path}/begin`),
    onSuccess: (begun) => queries.setQueryData(queryKey, begun),
  });
  const base = `/exercises/${exercise.id}/try`;
  if (!rehearsal.data) return <Asking of={rehearsal} what="Your try" />;
  const { bookId } = rehearsal.data;
  if (bookId === null)
    return (
      <BeginPaper brief={exercise.brief} says={BEGINNING} begin={begin}>
        <h2>Try it as a student</h2>
      </BeginPaper>
    );
  if (!PARTS.some(([known]) => known === part)) return <Navigate to={`${base}/chart`} replace />;
  return (
    <OpenBook id={bookId} key={bookId}>
      <div className="sub-head">
        <TryTabs base={base} parts={PARTS} />
        <span className="mark-says">As your students have it; yours counts nowhere.</span>
        <div className="actions">
          <BookTools />
          <BeginAgain isPending={begin.isPending} onBegin={() => begin.mutate()} />
        </div>
      </div>
      <BookSays />
      {part === 'marks' ? (
        <Marks path={path} />
      ) : (
        <BesideBrief brief={exercise.brief} part={part} />
      )}
    </OpenBook>
  );
}

function BeginAgain({ isPending, onBegin }: { isPending: boolean; onBegin(): void }) {
  return (
    <Popconfirm
      title="Begin again from the starting point?"
      description="What you did in this try is left behind."
      okText="Begin again"
      cancelText="Go on"
      onConfirm={onBegin}
    >
      <Button loading={isPending}>Begin again</Button>
    </Popconfirm>
  );
}

/** What the checks say of the try as it has been saved; told anew whenever it changes. */
function Marks({ path }: { path: string }) {
  const { book, saving } = useOpenBook();
  const { mutate, data, error } = useMutation({
    mutationFn: () => post<RehearsalMarks>(`${path}/check`),
  });
  useEffect(() => {
    if (saving === 'saved') mutate();
  }, [mutate, book, saving]);
  if (!data || error)
    return <Asking of={{ error, refetch: () => mutate() }} what="What the checks say" />;
  return <OwnMarked work={book} notes={[]} {...data} />;
}
